@props(['tools'])
<details class="tools">
    <summary class="btn-link-quiet d-inline-flex align-items-center">Tools to lay out: {{ count($tools) }}</summary>
    <ul class="mb-0">@foreach ($tools as $tool)<li>{{ $tool }}</li>@endforeach</ul>
</details>
