<?php

declare(strict_types=1);

namespace App\Remap\Http;

use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Clash\Consequences;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keymap\Change;

final class BulkEditResource extends JsonAnswer
{
    public function __construct(private readonly LoadedKeymap $keymap, private readonly Change $change, private readonly Docket $docket)
    {
        parent::__construct($change);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $shapes = new Shapes($this->keymap->application, $this->keymap->seat);

        return [
            'change' => $this->change->toData(),
            'consequences' => $shapes->consequences(Consequences::of($this->keymap, $this->change, $this->docket)),
        ];
    }
}
