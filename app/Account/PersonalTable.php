<?php

declare(strict_types=1);

namespace App\Account;

/** What becomes of the rows of one table that belong to a person: whose they are, how they are exported, erased, and how long they stay. */
final readonly class PersonalTable
{
    /**
     * @param  string  $owner  an SQL condition on the rows of this table, with the placeholders `:user`, `:kit` and `:email`
     * @param  list<string>|null  $hidden  columns that an export leaves out, because they open something or are not about the person;
     *     null where no row is exported
     * @param  bool  $isErased  whether the rows go when the person is removed; else they stay and name the person by number alone
     * @param  string|null  $since  an SQL expression: the moment from which the rows are stored
     * @param  int|null  $minutes  how long from then; null for as long as the account is there
     */
    private function __construct(
        public string $name,
        public string $owner,
        public ?array $hidden,
        public bool $isErased,
        public ?string $since = null,
        public ?int $minutes = null,
    ) {
    }

    /** @param  list<string>  $hidden */
    public static function erased(string $name, string $owner, array $hidden = []): self
    {
        return new self($name, $owner, $hidden, true);
    }

    /**
     * Of what the house stands on: who did what and when.
     *
     * @param  list<string>  $hidden
     */
    public static function preserved(string $name, string $owner, array $hidden = []): self
    {
        return new self($name, $owner, $hidden, false);
    }

    public function notExported(): self
    {
        return new self($this->name, $this->owner, null, $this->isErased, $this->since, $this->minutes);
    }

    public function storedDays(int $days, string $since): self
    {
        return $this->storedMinutes($days * 24 * 60, $since);
    }

    public function storedMinutes(int $minutes, string $since): self
    {
        return new self($this->name, $this->owner, $this->hidden, $this->isErased, $since, $minutes);
    }
}
