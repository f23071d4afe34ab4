{{-- A number beside the drawing, led to its spot; it is larger for the finger than for the eye. --}}
@props(['balloon'])
<line x1="{{ $balloon['spotX'] }}" y1="{{ $balloon['spotY'] }}" x2="{{ $balloon['x'] }}" y2="{{ $balloon['y'] }}" />
<circle class="dot" cx="{{ $balloon['spotX'] }}" cy="{{ $balloon['spotY'] }}" r="4.5" />
<circle cx="{{ $balloon['x'] }}" cy="{{ $balloon['y'] }}" r="26" class="hit" />
<circle class="face" cx="{{ $balloon['x'] }}" cy="{{ $balloon['y'] }}" r="18" />
<text x="{{ $balloon['x'] }}" y="{{ $balloon['y'] + 6 }}">{{ $balloon['number'] }}</text>
