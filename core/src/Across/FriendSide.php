<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Across;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Intent\Intent;
use Zebrafinch\Core\Keymap\Binding;

/** What a chord does in one application, in one context. */
final readonly class FriendSide
{
    /**
     * @param  Intent|null  $intent  null when nobody has said what the command is for
     * @param  Harm  $harm  to somebody who did not want it, by the catalogue or by what it is for
     */
    public function __construct(
        public Application $application,
        public Command $command,
        public Binding $binding,
        public ?Intent $intent,
        public Harm $harm,
    ) {
    }
}
