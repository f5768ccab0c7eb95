<?php

declare(strict_types=1);

use Tests\House\Checkout;
use Tests\House\Kills;

test('whatever is killed under writes, nothing that was acknowledged is lost or there twice, and all stands again', function () {
    $checkout = new Checkout(8489, 54489);
    expect($checkout->run('start --background')[1])->toBe(0);
    $told = (new Kills($checkout))->under(8, 7);
    expect($told)
        ->toMatchArray(['lost' => 0, 'doubled' => 0, 'asked_in_vain' => 0])
        ->and($told['acknowledged'])
        ->toBe(24);
    expect($told['standing'])->toBeTrue();
});
