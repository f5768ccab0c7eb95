<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Across;

use Zebrafinch\Core\Keyboard\Press;

/** A chord that does one thing where somebody knows it, and another where they sit. */
final readonly class FalseFriend
{
    /**
     * @param  non-empty-list<FriendSide>  $expected  what it does in the applications and contexts that one comes from
     * @param  FriendSide  $instead  what happens here
     */
    public function __construct(public Press $press, public array $expected, public FriendSide $instead)
    {
    }

    /** Of what happens instead. */
    public function harm(): Harm
    {
        return $this->instead->harm;
    }
}
