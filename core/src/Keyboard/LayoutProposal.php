<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/** Finds the layout that types what a browser says its keys type. */
final readonly class LayoutProposal
{
    /** Share of the told keys that must agree before a layout is proposed at all. */
    private const ENOUGH = 0.9;

    /** @param  list<Layout>  $layouts  where several fit as well, the first is proposed */
    public function __construct(private array $layouts)
    {
    }

    /** @param  array<string, string>  $told  plain characters by key code, as `navigator.keyboard.getLayoutMap()` gives them */
    public function for(array $told): ?Layout
    {
        $best = null;
        $most = self::ENOUGH;
        foreach ($this->layouts as $layout) {
            $shared = array_intersect_key($layout->plain(), $told);
            $same = array_filter(
                $shared,
                static fn (string $plain, string $code): bool => mb_strtolower($told[$code]) === mb_strtolower($plain),
                ARRAY_FILTER_USE_BOTH,
            );
            $share = $shared === [] ? 0.0 : count($same) / count($shared);
            if ($share > $most || ($best === null && $share >= $most)) {
                [$best, $most] = [$layout, $share];
            }
        }

        return $best;
    }
}
