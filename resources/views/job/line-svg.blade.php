<x-dynamic-component :component="'drawing.'.$drawing" :view="$view" />
