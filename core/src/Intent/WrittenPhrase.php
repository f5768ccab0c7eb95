<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

/** Words that stand for an intent, and where that is known from. */
final readonly class WrittenPhrase
{
    /**
     * @param  array<string, true>  $stems
     * @param  string|null  $application  whose words they are; null for the vocabulary's own
     */
    private function __construct(public string $text, public array $stems, public Evidence $evidence, private ?string $application)
    {
    }

    public static function of(string $text, TradeWords $words, Evidence $evidence, ?string $application = null): self
    {
        return new self($text, array_fill_keys($words->stems($text), true), $evidence, $application);
    }

    public function sentence(): string
    {
        return match ($this->evidence) {
            Evidence::Name => "the intent is called \"{$this->text}\"",
            Evidence::Synonym => "\"{$this->text}\" is another word for it",
            Evidence::CalledSo => "{$this->application} calls it \"{$this->text}\"",
            Evidence::ExplainedSo => "{$this->application} explains it as \"{$this->text}\"",
        };
    }
}
