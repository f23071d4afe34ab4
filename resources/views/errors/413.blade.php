<x-bare-page title="That is too large"><p>A road is at most 20 MiB, a catalogue 4 MiB, a table 512 KiB. Nothing was kept: go back and choose a smaller file.</p></x-bare-page>
