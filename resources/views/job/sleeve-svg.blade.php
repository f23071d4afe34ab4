<x-drawing.sleeve :view="$page->drawing()" :unit="$page->unit" />
