<?php

declare(strict_types=1);

namespace App\Resources;

use Zebrafinch\Core\Clash\Consequences;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Preset\TakingIn;

/** What is new for one keymap and what would come of it: the schema `KeymapNews`. */
final readonly class NewsShape
{
    /**
     * @param  LoadedKeymap  $keymap  as it is now
     * @param  int  $version  of it; 0 for a factory one
     * @return array<string, mixed>
     */
    public static function of(LoadedKeymap $keymap, string $name, int $version, TakingIn $taking): array
    {
        $shapes = new Shapes($keymap->application, $keymap->seat);
        $merge = new MergeShape($shapes);

        return [
            'application' => Shapes::application($keymap->application),
            'keymap' => $name,
            'version' => $version,
            'change' => $merge->change($taking),
            'questions' => $merge->questions($taking),
            'consequences' => $shapes->consequences(Consequences::of($keymap, $taking->change, app(Docket::class))),
        ];
    }
}
