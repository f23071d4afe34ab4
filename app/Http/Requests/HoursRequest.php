<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use App\Models\Values\OpeningTimes;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Whole\Schedule\WallClock;

use function array_fill_keys;
use function array_filter;
use function array_map;
use function array_values;
use function count;

/** When a workshop is open, as people write it: `8:30-12:30, 13:30-18`; and the days it is closed. */
class HoursRequest extends FormRequest
{
    private const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    private const MOST_CLOSED = 200;

    private const MOST_STANDS = 50;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $days = array_fill_keys(self::WEEKDAYS, ['nullable', 'string', 'max:'.Longest::SETTING]);

        return $days + [
            'closed' => ['nullable', 'string', 'max:'.Longest::FIGURES],
            'time_zone' => ['required', 'string', Rule::in(DateTimeZone::listIdentifiers())],
            'stands' => ['nullable', 'integer', 'between:1,'.self::MOST_STANDS],
            'seen' => ['required', 'string', 'size:32'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'time_zone.in' => 'That clock is not known. Choose one of the list.', 'stands.*' => 'How many bikes hang at a time? A whole number, 1 to '.self::MOST_STANDS.'.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            foreach (self::WEEKDAYS as $day) {
                if (OpeningTimes::ranges($this->string($day)->value()) === null) {
                    $validator->errors()->add($day, 'Write it like 8:30-12:30, 13:30-18:00; nothing where it is closed.');
                }
            }
            foreach ($this->closed() as $day) {
                WallClock::day($day) === null && $validator->errors()->add(
                    'closed', "“{$day}” is no day. Write days as 2027-01-01, parted by commas.",
                );
            }
            count($this->closed()) > self::MOST_CLOSED && $validator->errors()->add('closed', 'At most '.self::MOST_CLOSED.' days.');
        }];
    }

    public function hours(): OpeningTimes
    {
        $weekdays = array_map(fn (string $day) => $this->string($day)->trim()->value(), self::WEEKDAYS);

        return new OpeningTimes(array_filter($weekdays, fn (string $typed) => $typed !== ''), $this->closed());
    }

    public function zone(): string
    {
        return $this->string('time_zone')->value();
    }

    /** So many bikes hang at a time; null where that limits nothing. */
    public function stands(): ?int
    {
        return $this->integer('stands') ?: null;
    }

    public function seen(): string
    {
        return $this->string('seen')->value();
    }

    /** @return list<string> */
    private function closed(): array
    {
        return array_values(array_filter(preg_split('/[\s,;]+/', $this->string('closed')->value()) ?: [], fn (string $day) => $day !== ''));
    }
}
