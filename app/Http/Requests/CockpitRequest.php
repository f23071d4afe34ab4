<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use App\Models\Values\CockpitWish;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Cockpit\DisplaySite;
use NeatSpindle\Core\Fitting\Cockpit\Fixture;
use NeatSpindle\Core\Fitting\Cockpit\FixtureKind;
use NeatSpindle\Core\Fitting\Cockpit\Make;

use function in_array;
use function is_array;
use function is_string;

/** All that goes on the bar: what is on it and how wide, one more thing to put on, or one to take off; and the display's clamp. */
class CockpitRequest extends VersionedRequest
{
    use ReadsQuantities;

    private const MOST_MM = 400.0;

    /** @var array<int, Fixture> by the row's number */
    private array $fixtures = [];

    private ?float $bore = null;

    public function rules(): array
    {
        return parent::rules() + [
            'kinds' => ['nullable', 'array', 'max:'.CockpitWish::MOST],
            'kinds.*' => ['required', 'string', Rule::enum(FixtureKind::class)],
            'sides' => ['nullable', 'array'],
            'sides.*' => ['required', 'string', Rule::enum(BarSide::class)],
            'widths' => ['nullable', 'array'],
            'widths.*' => ['required', 'string', 'max:'.Longest::FIGURE],
            'makes' => ['nullable', 'array'],
            'makes.*' => ['nullable', 'string', Rule::enum(Make::class)],
            'new' => ['nullable', 'array'],
            'drop' => ['nullable', 'integer', 'between:0,'.CockpitWish::MOST],
            'move' => ['nullable', 'string', 'regex:/^\d{1,2} (in|out)$/'],
            'add' => ['nullable', 'string', Rule::in(self::additions())],
            'display_at' => ['nullable', 'string', Rule::enum(DisplaySite::class)],
            'bore' => ['nullable', 'string', 'max:'.Longest::FIGURE],
            'display' => ['nullable', 'string', 'max:'.Longest::CODE],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kinds.max' => 'A bar has room for '.CockpitWish::MOST.' things at the most.',
            'widths.*.required' => 'How much of the bar does it take?',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            foreach ($this->texts('kinds') as $i => $code) {
                $kind = FixtureKind::from($code);
                $make = Make::tryFrom($this->texts('makes')[$i] ?? '') ?? $kind->makes()[0];
                $width = $this->size($validator, "widths.{$i}");
                $this->fixtures[$i] = new Fixture(
                    $kind, BarSide::tryFrom($this->texts('sides')[$i] ?? '') ?? BarSide::Left, $width ?? $kind->usualWidth(),
                    in_array($make, $kind->makes(), true) ? $make : $kind->makes()[0], isset($this->texts('new')[$i]),
                );
            }
            $this->bore = $this->filled('bore') ? $this->size($validator, 'bore') : null;
        }];
    }

    public function cockpit(): CockpitWish
    {
        $fixtures = $this->fixtures;
        if ($this->filled('drop')) {
            unset($fixtures[$this->integer('drop')]);
        }
        [$side, $kind] = explode(' ', $this->string('add')->value().' ');
        if ($kind !== '') {
            $added = FixtureKind::from($kind);
            $fixtures = CockpitWish::put($fixtures, new Fixture($added, BarSide::from($side), $added->usualWidth(), $added->makes()[0], true));
        }
        [$which, $where] = explode(' ', $this->string('move')->value().' ');

        $fixtures = $where === '' ? $fixtures : CockpitWish::moved($fixtures, (int) $which, $where === 'in');

        return new CockpitWish(
            array_values($fixtures),
            $this->bore,
            $this->enum('display_at', DisplaySite::class) ?? DisplaySite::Bar,
            $this->string('display')->value() ?: null,
        );
    }

    /** @return list<string> what can be put on: a side's code, a blank, a kind's code */
    private static function additions(): array
    {
        $on = fn (BarSide $side): array => array_map(fn (FixtureKind $kind) => "{$side->value} {$kind->value}", FixtureKind::cases());

        return array_merge(...array_map($on, BarSide::cases()));
    }

    /** @return array<int, string> by the row's number */
    private function texts(string $field): array
    {
        $texts = array_filter(is_array($this->input($field)) ? $this->input($field) : [], is_string(...));

        return array_combine(array_map(intval(...), array_keys($texts)), array_values($texts));
    }

    private function size(Validator $validator, string $field): ?float
    {
        $mm = $this->quantity($validator, $field, $this->lengths()->mm(...));
        if ($mm !== null && ($mm <= 0 || $mm > self::MOST_MM)) {
            $validator->errors()->add($field, 'From more than 0 to 400 mm.');
        }

        return $mm;
    }
}
