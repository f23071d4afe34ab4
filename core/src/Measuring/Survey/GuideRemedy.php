<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

/** What is done when the cable guide under the shell is in the motor's way. */
enum GuideRemedy: string
{
    case Stays = 'stays';
    case Housing = 'housing';
    case Slimmer = 'slimmer';
    case Trimmed = 'trimmed';
    case Moved = 'moved';

    public function label(): string
    {
        return match ($this) {
            self::Stays => 'It stays as it is',
            self::Housing => 'Full-length housing',
            self::Slimmer => 'A slimmer guide',
            self::Trimmed => 'Turned or trimmed',
            self::Moved => 'The run is moved',
        };
    }

    /** With these nothing is left under the shell; with the others what is left is measured again. */
    public function leavesNothing(): bool
    {
        return $this === self::Housing || $this === self::Moved;
    }

    /** What to do at the build, before the body closes the gap; null when there is nothing to do. */
    public function task(): ?string
    {
        return match ($this) {
            self::Stays => null,
            self::Housing => 'Guide off; housing in one piece from stop to stop, new inner cable. Keep the guide’s screw.',
            self::Slimmer => 'Guide off, the slimmer one on, cable back in its groove.',
            self::Trimmed => 'Turn or trim the guide, edges smooth, then the cable back in it, free.',
            self::Moved => 'Guide off; the run goes above the shell or along the left. Keep the guide’s screw.',
        };
    }

    /** What has to be there for it. */
    public function parts(): ?string
    {
        return match ($this) {
            self::Housing => 'Housing by the metre, inner cable, two ferrules',
            self::Slimmer => 'A slimmer guide',
            self::Moved => 'Ties or a clip-on stop',
            self::Stays, self::Trimmed => null,
        };
    }
}
