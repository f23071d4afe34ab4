{{-- Pictures of one thing of a job, and a way to keep another. --}}
@props(['page', 'of', 'code' => ''])
@php($pictures = $page->picturesOf($of, $code))
<div class="pictures-of not-on-paper" role="group" aria-label="Pictures of this">
    @if ($pictures->isNotEmpty())<x-picture-row :$pictures :job="$page->job" />@endif
    <details @if ($errors->has('picture') && old('code') === $code) open @endif>
        <summary>{{ $pictures->isEmpty() ? 'Keep a picture of this' : 'Keep another picture' }}</summary>
        <x-keep-picture :job="$page->job" :$of :$code />
    </details>
    <a class="btn-link-quiet" href="{{ route('job.pictures', $page->job) }}" @if ($pictures->isEmpty()) data-key="v" @endif>All pictures of this job</a>
</div>
