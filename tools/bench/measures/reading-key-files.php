<?php

declare(strict_types=1);

use Zebrafinch\Core\Tests\World;

// Reading a key file of 5,000 bindings without loss, against decoding the JSON of the same bindings.
return static function (): iterable {
    foreach ([World::cutloom(), World::faderloft()] as $application) {
        $dialect = World::dialects()->for($application);
        $bytes = World::longKeyFile($application, 5_000);
        $json = json_encode($dialect->read($bytes, $application)->bindings()->toData(), JSON_THROW_ON_ERROR);
        $measured = SideBySide::of(
            static fn () => $dialect->read($bytes, $application),
            static fn () => json_decode($json, true, 8, JSON_THROW_ON_ERROR),
        );
        yield sprintf(
            'reading 5,000 lines of %s: %.1f times decoding their JSON (%.1f ms and %.1f ms)',
            $application->name,
            $measured->ratio(),
            $measured->subject,
            $measured->yardstick,
        );
    }
};
