<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\House;

use LogicException;

/** One way of answering a question of the house. */
enum School: string
{
    case NutFirst = 'nut-first';
    case BoltsFirst = 'bolts-first';
    case InBand = 'in-band';
    case AboveBand = 'above-band';
    case NutLocked = 'nut-locked';
    case NutDry = 'nut-dry';
    case LockringDry = 'lockring-dry';
    case LockringLocked = 'lockring-locked';
    case PlateAsSupplied = 'plate-as-supplied';
    case PlateToothed = 'plate-toothed';
    case PlateSmooth = 'plate-smooth';
    case RestHard = 'rest-hard';
    case RestTube = 'rest-tube';
    case RestShort = 'rest-short';
    case BrakesCut = 'brakes-cut';
    case BrakesLeft = 'brakes-left';
    case GearsSensed = 'gears-sensed';
    case GearsLeft = 'gears-left';
    case RingByClearance = 'ring-by-clearance';
    case RingBefore = 'ring-before';
    case RingAfter = 'ring-after';
    case ChainWhole = 'chain-whole';
    case ChainSplit = 'chain-split';
    case CrankByMaker = 'crank-by-maker';
    case CrankGreased = 'crank-greased';
    case CrankDry = 'crank-dry';
    case BatteryFirst = 'battery-first';
    case MotorFirst = 'motor-first';
    case PostureByTask = 'posture-by-task';
    case PostureStand = 'posture-stand';
    case PostureFloor = 'posture-floor';
    case CupLeft = 'cup-left';
    case CupDrive = 'cup-drive';
    case HarnessThrough = 'harness-through';
    case HarnessRound = 'harness-round';
    case NutWrench = 'nut-wrench';
    case NutFeel = 'nut-feel';
    case BrakesTold = 'brakes-told';
    case BrakesHold = 'brakes-hold';
    case InsistenceAsked = 'insistence-asked';
    case InsistenceRefused = 'insistence-refused';
    case InsistenceSigned = 'insistence-signed';

    public function label(): string
    {
        return HouseWords::SCHOOLS[$this->value]['label'];
    }

    /** What speaks for it, or what it asks for. */
    public function says(): string
    {
        return HouseWords::SCHOOLS[$this->value]['says'];
    }

    public function question(): Question
    {
        /** @var array<string, Question> $asked by the code of each answer */
        static $asked = [];
        foreach ($asked === [] ? Question::cases() : [] as $question) {
            foreach ($question->schools() as $school) {
                $asked[$school->value] = $question;
            }
        }

        return $asked[$this->value] ?? throw new LogicException("No question is answered with {$this->value}.");
    }

    public function isDefault(): bool
    {
        return $this->question()->default() === $this;
    }

    /** @return array<string, string> what is added at a step of the build, by the step's code */
    public function notes(): array
    {
        return HouseWords::NOTES[$this->value] ?? [];
    }
}
