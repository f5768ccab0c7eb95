<?php

declare(strict_types=1);

namespace App\Preset\Http;

use App\Models\User;
use App\Preset\Comparisons;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Preset\ComparisonText;

/** Any two states of keys against each other. */
final readonly class ComparisonController
{
    public function __construct(private Comparisons $comparisons)
    {
    }

    public function __invoke(ComparisonRequest $request, #[CurrentUser] User $user, Seat $seat): FullComparisonResource|Response
    {
        $before = $this->comparisons->side($user, $request->string('before')->toString());
        $after = $this->comparisons->side($user, $request->string('after')->toString());
        $compared = $this->comparisons->between($user, $before, $after, $seat);
        $text = new ComparisonText($before->title, $after->title, $compared);

        return match ($request->string('as')->toString()) {
            'markdown' => $this->file($text->markdown(), 'text/markdown', 'comparison.md'),
            'csv' => $this->file($text->csv(), 'text/csv', 'comparison.csv'),
            default => new FullComparisonResource($before, $after, $compared),
        };
    }

    private function file(string $text, string $type, string $name): Response
    {
        return response($text, 200, [
            'Content-Type' => "{$type}; charset=utf-8",
            'Content-Disposition' => "attachment; filename=\"{$name}\"",
        ]);
    }
}
