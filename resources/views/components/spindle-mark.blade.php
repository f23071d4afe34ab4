<svg viewBox="0 0 44 22" aria-hidden="true" {{ $attributes }}>
    <line x1="0" y1="11" x2="44" y2="11" stroke="var(--axis)" stroke-width="1.6" stroke-dasharray="8 2 2 2" />
    <rect x="6" y="5" width="4" height="12" fill="var(--part-nut)" stroke="var(--line-stroke)" />
    <rect x="12" y="1" width="3" height="20" fill="var(--part-plate)" stroke="var(--line-stroke)" />
    <rect x="16" y="6" width="14" height="10" fill="var(--part-frame)" stroke="var(--line-stroke)" />
    <rect x="31" y="6" width="3" height="10" fill="var(--part-spacer)" stroke="var(--line-stroke)" />
    <rect x="36" y="0" width="2.5" height="22" fill="var(--part-ring)" stroke="var(--line-stroke)" />
</svg>
