<x-drawing.section :view="$page->section()" />
