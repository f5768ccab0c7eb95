{!! $person !!},

{!! $what !!}. If it was you, all is well.

If it was not, tell the suite keeper at once, who can disable the account.
