<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\House;

/** What a person reads about the rules of a house. */
final class HouseWords
{
    /** @var array<string, array{question: string, why: string}> */
    public const QUESTIONS = [
        'plate-or-nut' => ['question' => 'Plate bolts or nut first', 'why' => 'Nut first: a skew plate is how bodies come loose.'],
        'nut-torque' => [
            'question' => 'How tight the nut',
            'why' => 'The band; above it only as a recorded decision, with the thread’s own limit shown.',
        ],
        'nut-compound' => [
            'question' => 'Locking compound on the nut',
            'why' => 'Yes, medium: it also lowers friction in the thread, so the band must be the one for it.',
        ],
        'lockring-compound' => [
            'question' => 'Locking compound on the thin lock ring',
            'why' => 'No: thin light alloy, and it must come off again.',
        ],
        'plate-face' => ['question' => 'Toothed or smooth plate', 'why' => 'As supplied; never teeth on carbon.'],
        'body-rest' => [
            'question' => 'Where the body rests',
            'why' => 'On the frame or on a hard block; short of it only with a strut, band or clamp.',
        ],
        'brake-cut' => [
            'question' => 'Brake cut-offs',
            'why' => 'Fit them; leaving one off is a recorded decision, and with a throttle it is a stop.',
        ],
        'gear-sensor' => ['question' => 'Gear sensor', 'why' => 'Fit it with a derailleur; with hub gears all the more.'],
        'ring-or-motor' => [
            'question' => 'Ring before or after the motor',
            'why' => 'Before where the ring is within 4 mm of the chainstay, so that a clash shows early; else after, which is easier to handle.',
        ],
        'chain' => ['question' => 'Chain split or kept whole', 'why' => 'Kept whole where the frame allows.'],
        'crank-seat' => [
            'question' => 'What goes on a crank’s taper',
            'why' => 'As the crank’s maker says; else greased lightly, torqued, re-checked.',
        ],
        'battery-or-motor' => [
            'question' => 'Battery or motor first',
            'why' => 'Try the pack first: where it goes decides more than the motor does.',
        ],
        'posture' => [
            'question' => 'How the bike stands',
            'why' => 'In the stand for routing, on the floor for loosening, upside down for setting the body and its nut: nothing that is set is turned over before it is tight.',
        ],
        'first-cup' => ['question' => 'Which cup comes out first', 'why' => 'Left: its ordinary thread shows how tight things are.'],
        'harness' => [
            'question' => 'Main harness',
            'why' => 'Through the gap where it is clear by the rule for soft things in it, else round.',
        ],
        'nut-tool' => ['question' => 'How the nut is brought up', 'why' => 'With a torque wrench; by feel only as a recorded decision.'],
        'brakes' => [
            'question' => 'Brakes that an estimate finds weak',
            'why' => 'Told beside the estimate: it knows the kind of brake, not this one. Whoever rides it down the hill decides.',
        ],
        'insistence' => [
            'question' => 'Ring side or battery on a customer’s own insistence',
            'why' => 'The workshop’s own choice, always on record.',
        ],
    ];

    /** @var array<string, array{label: string, says: string}> */
    public const SCHOOLS = [
        'nut-first' => ['label' => 'Nut first', 'says' => 'Bolts run in loose; the nut pulls the plate flat.'],
        'bolts-first' => ['label' => 'Bolts first', 'says' => 'They hold the plate while you work.'],
        'in-band' => ['label' => 'The maker’s band', 'says' => 'Above it is a decision of each job.'],
        'above-band' => ['label' => 'Above the band, on purpose', 'says' => 'Every job still says why, with the thread’s limit beside it.'],
        'nut-locked' => ['label' => 'Medium compound', 'says' => 'The band must be the one for it.'],
        'nut-dry' => ['label' => 'Dry', 'says' => 'More friction: the same torque clamps less.'],
        'lockring-dry' => ['label' => 'None', 'says' => 'It comes off again without heat.'],
        'lockring-locked' => ['label' => 'Medium compound', 'says' => 'It cannot shake loose; taking it off may spoil it.'],
        'plate-as-supplied' => ['label' => 'As supplied', 'says' => 'The maker’s plate, its teeth to the frame where it has some.'],
        'plate-toothed' => ['label' => 'Toothed', 'says' => 'Teeth must bite. Never on carbon.'],
        'plate-smooth' => ['label' => 'Smooth', 'says' => 'Flat and torqued is enough.'],
        'rest-hard' => ['label' => 'On the frame, or on a hard block', 'says' => 'Nothing soft carries the body.'],
        'rest-tube' => ['label' => 'Hard up against the down tube', 'says' => 'What runs there goes round.'],
        'rest-short' => ['label' => 'Just short of a cable', 'says' => 'With a strut, band or clamp that holds it there.'],
        'brakes-cut' => ['label' => 'Fit them', 'says' => 'The motor stops with the lever.'],
        'brakes-left' => [
            'label' => 'Left off where pedalling stops it',
            'says' => 'Each lever is still decided by name; with a throttle it stays a stop.',
        ],
        'gears-sensed' => ['label' => 'Fit one', 'says' => 'The motor lets go while the chain climbs.'],
        'gears-left' => ['label' => 'Left off where shifts are rare', 'says' => 'Each bike is still decided on.'],
        'ring-by-clearance' => ['label' => 'By its clearance', 'says' => 'Before within 4 mm of the chainstay, else after.'],
        'ring-before' => ['label' => 'Before', 'says' => 'A clash shows early.'],
        'ring-after' => ['label' => 'After', 'says' => 'Easier to handle.'],
        'chain-whole' => ['label' => 'Kept whole', 'says' => 'Where the bike’s survey says that the frame allows it.'],
        'chain-split' => ['label' => 'Split and rejoined', 'says' => 'Every time, and joined as its maker says.'],
        'crank-by-maker' => ['label' => 'As its maker says', 'says' => 'A thin film of grease where nobody says.'],
        'crank-greased' => ['label' => 'Greased', 'says' => 'Whatever the maker says.'],
        'crank-dry' => ['label' => 'Dry', 'says' => 'Whatever the maker says; it is re-checked all the sooner.'],
        'battery-first' => ['label' => 'Try the pack first', 'says' => 'Before anything of the motor goes in.'],
        'motor-first' => ['label' => 'Start with the motor', 'says' => 'The pack is tried once the motor holds.'],
        'posture-by-task' => ['label' => 'By the task', 'says' => 'Stand, floor and upside down, each where it helps.'],
        'posture-stand' => ['label' => 'In the stand', 'says' => 'All but the big torques.'],
        'posture-floor' => ['label' => 'Upside down or on the floor', 'says' => 'No stand is needed.'],
        'cup-left' => ['label' => 'Left', 'says' => 'The ordinary thread first.'],
        'cup-drive' => ['label' => 'Drive side', 'says' => 'The one that is often stuck, while the shell is still stiff with the other.'],
        'harness-through' => ['label' => 'Through the gap', 'says' => 'Before the body closes it.'],
        'harness-round' => ['label' => 'Round the outside', 'says' => 'Once the body is in; nothing soft in the gap.'],
        'nut-wrench' => ['label' => 'Torque wrench', 'says' => 'The figure goes on the sheet.'],
        'nut-feel' => ['label' => 'By hand and mallet, by feel', 'says' => 'Each job says why; no figure goes on the sheet.'],
        'brakes-told' => ['label' => 'Told', 'says' => 'The estimate stands under Condition, with what it assumes.'],
        'brakes-hold' => [
            'label' => 'The bike stays',
            'says' => 'Until brakes are told and the estimate has nothing against them, or an owner answers for it.',
        ],
        'insistence-asked' => ['label' => 'Decided each time', 'says' => 'Whoever may choose writes down what, for whom and why.'],
        'insistence-refused' => ['label' => 'Refused', 'says' => 'No job may record one.'],
        'insistence-signed' => ['label' => 'With a signed decision', 'says' => 'The customer’s name goes beside it.'],
    ];

    /**
     * What a school adds at a step, where it changes nothing else there.
     *
     * @var array<string, array<string, string>>
     */
    public const NOTES = [
        'above-band' => [
            'nut-torque' => 'Above the band on purpose, never above what the thread itself bears. Write why: figure and reason stay on the hand-over sheet.',
        ],
        'plate-toothed' => ['plate-on' => 'A toothed plate: its teeth must bite, so no paint chips or grease under them.'],
        'plate-smooth' => ['plate-on' => 'A smooth plate: flat on bare metal; the torque alone holds it.'],
        'rest-tube' => ['set-rest' => 'Hard up against the down tube, nothing soft between; what runs there goes round first.'],
        'rest-short' => ['set-rest' => 'Just short of the cable, and held there by strut, band or clamp, never by plate and nut alone.'],
        'nut-feel' => ['nut-torque' => 'By hand and mallet, judged by feel: say “by hand” and why. No figure is put in its place.'],
    ];
}
