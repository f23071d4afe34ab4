@props(['page'])
<div id="news" class="not-on-paper" hx-get="{{ route('job.news', [$page->job, 'seen' => $page->job->version]) }}" hx-trigger="every 6s" hx-swap="innerHTML" aria-live="polite"></div>
