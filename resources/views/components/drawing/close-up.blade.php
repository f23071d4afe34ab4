@props(['of'])
<figure class="close-up">
    <svg class="drawing" viewBox="0 0 240 104" xmlns="http://www.w3.org/2000/svg" role="img" aria-label="{{ $of->words() }}">
        @switch($of->value)
            @case('across')
                <rect class="part part-frame" x="72" y="34" width="96" height="44" fill="#8494a0" stroke="#14202b" />
                <path class="jaw" d="M60 14 h12 v48 h-12 z M168 14 h12 v48 h-12 z M40 6 h160 v10 h-160 z" fill="#dba63c" stroke="#14202b" />
                @break
            @case('inside')
                <path class="part part-frame" d="M60 30 h120 v12 h-120 z M60 76 h120 v12 h-120 z" fill="#8494a0" stroke="#14202b" />
                <path class="jaw" d="M112 42 h8 v10 h-8 z M112 66 h8 v10 h-8 z M114 52 h4 v14 h-4 z M20 54 h94 v10 h-94 z" fill="#dba63c" stroke="#14202b" />
                @break
            @case('depth')
                <path class="part part-frame" d="M30 40 h70 v40 h-70 z M140 40 h70 v40 h-70 z M100 80 h40 v14 h-40 z" fill="#8494a0" stroke="#14202b" />
                <path class="jaw" d="M70 26 h100 v14 h-100 z M117 40 h6 v40 h-6 z" fill="#dba63c" stroke="#14202b" />
                @break
            @case('under-the-guide')
                <path class="part part-frame" d="M30 14 h180 v22 h-180 z" fill="#8494a0" stroke="#14202b" />
                <path class="part-guide" d="M84 36 v24 h12 v-8 h8 v8 h12 v-8 h8 v8 h12 v-24 z" fill="#7a5200" stroke="#14202b" />
                <path class="jaw" d="M64 60 h112 v14 h-112 z M150 36 h6 v24 h-6 z" fill="#dba63c" stroke="#14202b" />
                @break
            @case('between')
                <path class="part part-frame" d="M50 20 h14 v72 h-14 z M176 20 h14 v72 h-14 z" fill="#8494a0" stroke="#14202b" />
                <path class="jaw" d="M64 40 h10 v26 h-10 z M166 40 h10 v26 h-10 z M64 30 h112 v10 h-112 z" fill="#dba63c" stroke="#14202b" />
                @break
            @case('gauge')
                <path class="part part-frame" d="M20 62 l10 -14 l10 14 l10 -14 l10 14 l10 -14 l10 14 l10 -14 l10 14 l10 -14 l10 14 l10 -14 l10 14 l10 -14 l10 14 l10 -14 l10 14 l10 -14 l10 14 v30 h-180 z" fill="#8494a0" stroke="#14202b" />
                <path class="jaw" d="M20 20 h180 v40 l-10 -14 l-10 14 l-10 -14 l-10 14 l-10 -14 l-10 14 l-10 -14 l-10 14 l-10 -14 l-10 14 l-10 -14 l-10 14 l-10 -14 l-10 14 l-10 -14 l-10 14 l-10 -14 l-10 14 z" fill="#dba63c" stroke="#14202b" />
                @break
            @case('straightedge')
                <rect class="part part-frame" x="18" y="52" width="44" height="44" fill="#8494a0" stroke="#14202b" />
                <path class="part-stay" d="M62 92 L110 74 L150 60 L226 50 L226 70 L156 80 L110 96 z" fill="#a9b3b0" stroke="#14202b" />
                <path class="jaw" d="M18 40 h212 v12 h-212 z M147 52 h6 v9 h-6 z" fill="#dba63c" stroke="#14202b" />
                <path class="leader" d="M40 30 V14 M150 40 V14 M40 20 H150" fill="none" stroke="#4a5964" />
                <text x="95" y="14" font-size="13" text-anchor="middle">radius</text>
                @break
            @case('tape-along')
                <circle class="part part-frame" cx="36" cy="62" r="18" fill="#8494a0" stroke="#14202b" /><circle class="part part-frame" cx="204" cy="62" r="18" fill="#8494a0" stroke="#14202b" />
                <path class="jaw" d="M36 56 h168 v12 h-168 z" fill="#dba63c" stroke="#14202b" />
                <path class="leader" d="M36 24 v14 M204 24 v14 M36 30 h168" fill="none" stroke="#4a5964" />
                @break
            @case('tape-up')
                <path class="leader" d="M24 96 H216" fill="none" stroke="#4a5964" stroke-width="1.6" />
                <circle class="part part-frame" cx="120" cy="28" r="20" fill="#8494a0" stroke="#14202b" /><circle class="part part-nut" cx="120" cy="28" r="7" fill="#6f8a7e" stroke="#14202b" />
                <path class="jaw" d="M114 28 h12 v68 h-12 z" fill="#dba63c" stroke="#14202b" />
                @break
            @case('roll')
                <circle class="tyre" cx="52" cy="50" r="34" fill="none" stroke="#a9b3b0" stroke-width="9" /><circle class="tyre" cx="188" cy="50" r="34" fill="none" stroke="#a9b3b0" stroke-width="9" />
                <path class="jaw" d="M49 76 h6 v18 h-6 z M185 76 h6 v18 h-6 z" fill="#dba63c" stroke="#14202b" />
                <path class="leader" d="M52 96 H188" fill="none" stroke="#4a5964" stroke-width="1.6" />
                @break
            @case('cog-stack')
                @foreach ([60, 82, 104, 126, 148, 170] as $i => $x)
                    <rect class="part part-nut" x="{{ $x }}" y="{{ 52 - $i * 5 }}" width="7" height="{{ 22 + $i * 10 }}" fill="#6f8a7e" stroke="#14202b" />
                @endforeach
                <path class="jaw" d="M48 16 h12 v44 h-12 z M177 16 h12 v44 h-12 z M30 8 h180 v10 h-180 z" fill="#dba63c" stroke="#14202b" />
                @break
            @case('links')
                @foreach (range(0, 11) as $i)
                    <rect class="part part-nut" x="{{ 20 + $i * 16 }}" y="{{ $i % 2 ? 60 : 56 }}" width="20" height="{{ $i % 2 ? 14 : 22 }}" rx="7" fill="#6f8a7e" stroke="#14202b" />
                @endforeach
                <path class="jaw" d="M22 18 h10 v44 h-10 z M206 18 h10 v44 h-10 z M10 10 h220 v10 h-220 z" fill="#dba63c" stroke="#14202b" />
                @break
            @case('round')
                <circle class="part part-frame" cx="120" cy="60" r="34" fill="#8494a0" stroke="#14202b" />
                <path class="jaw" d="M72 12 h14 v60 h-14 z M154 12 h14 v60 h-14 z M50 6 h140 v10 h-140 z" fill="#dba63c" stroke="#14202b" />
                @break
            @case('ring-to-plate')
                <path class="part part-plate" d="M60 78 h130 v14 h-130 z" fill="#c9a24a" stroke="#14202b" />
                <path class="part part-ring" d="M80 40 h34 v9 h-34 z M136 40 h34 v9 h-34 z" fill="#7d5a8c" stroke="#14202b" />
                <path class="jaw" d="M66 26 h118 v14 h-118 z M122 40 h6 v38 h-6 z" fill="#dba63c" stroke="#14202b" />
                <text x="196" y="90" font-size="13">plate</text><text x="176" y="50" font-size="13">ring</text>
                @break
            @case('pinion-to-face')
                <path class="part part-motor" d="M40 86 h150 v14 h-150 z" fill="#4b5a66" stroke="#14202b" />
                <path class="part part-plate" d="M50 74 h130 v12 h-130 z" fill="#c9a24a" stroke="#14202b" />
                <path class="part part-ring" d="M92 34 h16 v40 h-16 z M84 34 h32 v9 h-32 z" fill="#7d5a8c" stroke="#14202b" />
                <path class="jaw" d="M80 20 h90 v14 h-90 z M138 34 h6 v40 h-6 z" fill="#dba63c" stroke="#14202b" />
                <text x="186" y="84" font-size="13">plate</text><text x="60" y="46" font-size="13" text-anchor="end">pinion</text>
                @break
            @case('crank-gap')
                <path class="part part-frame" d="M20 30 h50 v60 h-50 z" fill="#8494a0" stroke="#14202b" />
                <path class="part part-spindle" d="M20 50 h150 l14 4 v12 l-14 4 h-150 z" fill="#a9b3b0" stroke="#14202b" />
                <path class="jaw" d="M184 20 h12 v66 h-12 z M70 34 h114 v8 h-114 z" fill="#dba63c" stroke="#14202b" />
                <text x="45" y="24" font-size="13" text-anchor="middle">bearing</text>
                @break
        @endswitch
    </svg>
    <figcaption class="form-hint">{{ $of->words() }}</figcaption>
</figure>
