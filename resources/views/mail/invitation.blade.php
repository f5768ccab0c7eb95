{!! $person !!},

{!! $house !!} has an account for you in Zebrafinch, where its keymaps are looked up, changed and brought to the edit suites.
Choose your password here within {{ $days }} days; the link works once:

{!! $link !!}
