<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Exchange;

use NeatSpindle\Core\Donor\Shell\Shell;
use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Ground\Document\Fault;
use NeatSpindle\Core\Ground\Document\Faults;
use NeatSpindle\Core\Ground\Document\InvalidDocument;
use NeatSpindle\Core\Ground\Document\JsonText;
use NeatSpindle\Core\Holding\Catalogue\Catalogue;
use NeatSpindle\Core\Whole\Job\Job;
use stdClass;

/** Reads job documents (`neat-spindle/job`, version 1) and the parts of one that stand alone. */
final class JobReader
{
    public const FORMAT = 'neat-spindle/job';

    /** @throws InvalidDocument with every fault at once */
    public static function fromJson(string $json): Job
    {
        return self::read(JsonText::object($json));
    }

    /** @throws InvalidDocument with every fault at once */
    public static function read(stdClass $document): Job
    {
        $faults = new Faults;
        $root = Cursor::root($document, $faults);
        $root->expectFormat(self::FORMAT);
        $catalogue = CatalogueReader::read($root->object('catalogue'));
        $bike = BikeReader::read($root->object('bike'));
        $kit = KitReader::read($root, $catalogue);
        $turns = TurnsReader::read($root);
        $routing = $root->has('routing') ? RoutingReader::read($root->object('routing')) : null;
        $torquing = ConditionsReader::torquing($root);
        $hill = ConditionsReader::hill($root);
        $pack = ConditionsReader::pack($root);
        $nutSocket = ConditionsReader::nutSocket($root);
        $faults->expectNone();

        return $kit !== null
            ? new Job(
                catalogue: $catalogue,
                bike: $bike,
                kit: $kit,
                turns: $turns,
                routing: $routing,
                torquing: $torquing,
                hill: $hill,
                pack: $pack,
                nutSocket: $nutSocket,
            )
            : throw InvalidDocument::becauseOf([new Fault('/kit', 'This kit cannot be read.')]);
    }

    /** @throws InvalidDocument with every fault at once; pointers start at the catalogue */
    public static function catalogue(stdClass $document): Catalogue
    {
        $faults = new Faults;
        $catalogue = CatalogueReader::read(Cursor::root($document, $faults));

        $faults->expectNone();

        return $catalogue;
    }

    /** @throws InvalidDocument with every fault at once; pointers start at the shell */
    public static function shell(stdClass $document): Shell
    {
        $faults = new Faults;
        $shell = BikeReader::shell(Cursor::root($document, $faults));

        $faults->expectNone();

        return $shell;
    }
}
