@if (session('told'))<p class="told" role="status">{{ session('told') }}</p>@endif
