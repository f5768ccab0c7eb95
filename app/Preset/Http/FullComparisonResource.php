<?php

declare(strict_types=1);

namespace App\Preset\Http;

use App\Preset\ComparedSide;
use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Preset\ComparedKeymap;

final class FullComparisonResource extends JsonAnswer
{
    /** @param  list<ComparedKeymap>  $keymaps */
    public function __construct(
        private readonly ComparedSide $before,
        private readonly ComparedSide $after,
        private readonly array $keymaps,
    ) {
        parent::__construct($keymaps);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'before' => $this->before->title,
            'after' => $this->after->title,
            'applications' => array_map(self::keymap(...), $this->keymaps),
        ];
    }

    /** @return array<string, mixed> */
    private static function keymap(ComparedKeymap $keymap): array
    {
        $shapes = new Shapes($keymap->before->application, $keymap->before->seat);

        return [
            'application' => Shapes::application($keymap->before->application),
            'gone' => array_map($shapes->difference(...), $keymap->gone),
            'new' => array_map($shapes->difference(...), $keymap->new),
            'moved' => array_map($shapes->difference(...), $keymap->moved),
            'settled' => array_map($shapes->clash(...), $keymap->settled),
            'raised' => array_map($shapes->clash(...), $keymap->raised),
            'relearning' => array_map($shapes->relearning(...), $keymap->relearning),
            'share' => round($keymap->share, 4),
            'effort_mm' => round($keymap->effort(), 1),
        ];
    }
}
