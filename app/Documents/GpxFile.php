<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Longest;
use NeatSpindle\Core\Choosing\Ride\Track;
use NeatSpindle\Core\Choosing\Ride\TrackPoint;
use XMLReader;

use function count;
use function in_array;

/**
 * Reads tracks and routes of GPX 1.0 and 1.1, point by point, without ever holding the document. Nothing is
 * fetched, no entity is put in, and a file that declares any is refused.
 */
class GpxFile
{
    public const MOST_POINTS = 100_000;

    private const DEEPEST = 40;

    /** @var list<list<TrackPoint>> */
    private array $parts = [];

    private int $points = 0;

    private ?float $latitude = null;

    private float $longitude = 0.0;

    private ?float $height = null;

    private string $lastTime = '';

    private bool $timesRunBackwards = false;

    private ?string $name = null;

    private function __construct(private readonly XMLReader $xml) {}

    /** @throws CannotReadTrack with what to do about it */
    public static function read(string $path): self
    {
        $before = libxml_use_internal_errors(true);
        $xml = new XMLReader;
        try {
            // Read as a file: the reader itself would take a path for an address.
            $text = (string) file_get_contents($path);
            if ($text === '' || ! $xml->XML($text, null, LIBXML_NONET | LIBXML_COMPACT)) {
                throw CannotReadTrack::becauseItIsNoXml();
            }
            $file = new self($xml);
            $file->run();

            return $file;
        } finally {
            $xml->close();
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
    }

    public function track(): Track
    {
        return new Track($this->parts);
    }

    public function name(): ?string
    {
        return $this->name;
    }

    /** @return list<string> what a person should know about the file */
    public function remarks(): array
    {
        $withHeight = array_sum(array_map(fn (array $part) => count(array_filter($part, fn (TrackPoint $point) => $point->height !== null)), $this->parts));

        return array_values(array_filter([
            $withHeight === 0 ? 'No heights are written down: it is ridden as if it were level.' : null,
            $withHeight > 0 && $withHeight < $this->points ? ($this->points - $withHeight).' points have no height; they lie on the line between their neighbours.' : null,
            $this->timesRunBackwards ? 'Its times run backwards in places; times are not used.' : null,
            count($this->parts) > 1 ? count($this->parts).' parts; the ways between them are not ridden.' : null,
        ]));
    }

    private function run(): void
    {
        $isGpx = false;
        while ($this->xml->read()) {
            if (in_array($this->xml->nodeType, [XMLReader::DOC_TYPE, XMLReader::ENTITY_REF, XMLReader::ENTITY], true)) {
                throw CannotReadTrack::becauseItDeclaresEntities();
            }
            if ($this->xml->depth > self::DEEPEST) {
                throw CannotReadTrack::becauseItIsNoTrack();
            }
            if ($this->xml->nodeType === XMLReader::ELEMENT) {
                $isGpx = $isGpx || $this->xml->localName === 'gpx' || throw CannotReadTrack::becauseItIsNoTrack();
                $this->element();
            } elseif ($this->xml->nodeType === XMLReader::END_ELEMENT && in_array($this->xml->localName, ['trkpt', 'rtept'], true)) {
                $this->keepPoint();
            }
        }
        if (libxml_get_errors() !== []) {
            throw CannotReadTrack::becauseItIsNoXml();
        }
        if ($this->points < 2) {
            throw CannotReadTrack::becauseItHasNoPoints();
        }
    }

    private function element(): void
    {
        match ($this->xml->localName) {
            'trkseg', 'rte' => $this->parts[] = [],
            'trkpt', 'rtept' => $this->startPoint(),
            'ele' => $this->height = $this->number($this->text()),
            'time' => $this->noteTime($this->text()),
            'name' => $this->name ??= Longest::cut(trim($this->text()), Longest::NAME) ?: null,
            default => null,
        };
    }

    private function startPoint(): void
    {
        $latitude = $this->number((string) $this->xml->getAttribute('lat'));
        $longitude = $this->number((string) $this->xml->getAttribute('lon'));
        if ($latitude === null || $longitude === null || abs($latitude) > 90 || abs($longitude) > 180) {
            throw CannotReadTrack::becauseAPointIsNowhere($this->points + 1);
        }
        [$this->latitude, $this->longitude, $this->height] = [$latitude, $longitude, null];
        if ($this->xml->isEmptyElement) {
            $this->keepPoint();
        }
    }

    private function keepPoint(): void
    {
        if ($this->latitude === null) {
            return;
        }
        if (++$this->points > self::MOST_POINTS) {
            throw CannotReadTrack::becauseItIsTooLong(self::MOST_POINTS);
        }
        $this->parts[max(0, count($this->parts) - 1)][] = new TrackPoint($this->latitude, $this->longitude, $this->height);
        $this->latitude = null;
    }

    private function noteTime(string $time): void
    {
        if ($this->latitude !== null && $time !== '') {
            $this->timesRunBackwards = $this->timesRunBackwards || strcmp($time, $this->lastTime) < 0;
            $this->lastTime = $time;
        }
    }

    /** The text right inside the element at hand; what is longer than any figure or name is cut. */
    private function text(): string
    {
        if ($this->xml->isEmptyElement || ! $this->xml->read() || ! in_array($this->xml->nodeType, [XMLReader::TEXT, XMLReader::CDATA], true)) {
            return '';
        }

        return substr($this->xml->value, 0, 200);
    }

    private function number(string $text): ?float
    {
        return is_numeric(trim($text)) && is_finite((float) $text) ? (float) $text : null;
    }
}
