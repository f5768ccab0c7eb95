<?php

declare(strict_types=1);

use Zebrafinch\Core\Suite\InstalledFile;
use Zebrafinch\Core\Suite\Standing;

test('how a key file stands', function (?string $written, ?string $reported, bool $newest, Standing $standing) {
    expect((new InstalledFile($written, $reported, $newest))->standing())->toBe($standing);
})->with([
    'as handed over' => ['a', 'a', true, Standing::InStep],
    'a newer release exists' => ['a', 'a', false, Standing::Behind],
    'edited since' => ['a', 'b', true, Standing::ChangedByHand],
    'deleted since' => ['a', null, true, Standing::ChangedByHand],
    'edited, and a newer release exists' => ['a', 'b', false, Standing::ChangedByHand],
    'never handed over' => [null, 'b', false, Standing::NeverHandedOver],
]);
