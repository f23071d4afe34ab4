<?php

declare(strict_types=1);

/*
 * Passes what comes in at one port of loopback on to another, until it is ended: a door that a test can shut.
 *   php relay.php FROM TO
 */
$door = stream_socket_server('tcp://127.0.0.1:'.(int) $argv[1]) ?: exit(1);
$ends = [];
while (true) {
    $ready = [$door, ...array_column($ends, 0)];
    $write = $except = null;
    if (stream_select($ready, $write, $except, null) === false) {
        exit(1);
    }
    foreach ($ready as $stream) {
        if ($stream === $door) {
            $in = stream_socket_accept($door, 0);
            $out = stream_socket_client('tcp://127.0.0.1:'.(int) $argv[2]);
            if ($in !== false && $out !== false) {
                $ends[(int) $in] = [$in, $out];
                $ends[(int) $out] = [$out, $in];
            }

            continue;
        }
        if (! isset($ends[(int) $stream])) {
            continue;
        }
        [, $other] = $ends[(int) $stream];
        $bytes = (string) fread($stream, 65_536);
        if ($bytes === '') {
            unset($ends[(int) $stream], $ends[(int) $other]);
            fclose($stream);
            fclose($other);
        } else {
            fwrite($other, $bytes);
        }
    }
}
