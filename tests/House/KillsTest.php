<?php

declare(strict_types=1);

use Tests\House\Kills;
use Tests\House\Place;

test('whatever is killed under writes, nothing that was acknowledged is lost or there twice, and all stands again', function () {
    $place = new Place(8489, 54489);
    expect($place->run('start --background')[1])->toBe(0);
    $told = (new Kills($place))->under(8, 7);
    expect($told)
        ->toMatchArray(['lost' => 0, 'doubled' => 0, 'asked_in_vain' => 0])
        ->and($told['acknowledged'])
        ->toBe(24);
    $place->waitUntil(static fn (): bool => ! str_contains($place->run('status')[0], 'not running'));
});
