<p class="told" role="status">{{ $by }} changed this job at {{ $at }}. <a href="{{ url()->previous() }}" hx-boost="true">Show it</a>. What
    you type here still counts: it is only refused where both of you changed the same place.</p>
