<?php

declare(strict_types=1);

namespace App\Keymap;

use App\Problems\HasExtension;
use App\Problems\HasStatus;
use App\Resources\Shapes;
use Zebrafinch\Core\Clash\Consequences;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Refusal;

/** A write, or the undoing of one, from which a clash would come: asked about before it is made. */
final class RaisesClash extends Refusal implements HasExtension, HasStatus
{
    /** @var array<string, mixed> */
    private array $consequences = [];

    public static function in(LoadedKeymap $keymap, Consequences $consequences): self
    {
        $more = count($consequences->raised) - 1;
        $error = new self(
            'This brings a clash: '.
                ($consequences->raised[0] ?? null)?->sentence().
                ($more < 1 ? '' : " And {$more} more.").
                ' Nothing was changed yet.',
            'Go another way, or make it all the same and settle it in Clashes.',
        );
        $error->consequences = (new Shapes($keymap->application, $keymap->seat))->consequences($consequences);

        return $error;
    }

    public function kind(): string
    {
        return 'raises-clash';
    }

    public function status(): int
    {
        return 409;
    }

    /** @return array{consequences: array<string, mixed>} */
    public function extension(): array
    {
        return ['consequences' => $this->consequences];
    }
}
