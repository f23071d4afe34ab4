<x-drawing.adapter :view="$page->drawing()" :unit="$page->unit" />
