{!! $person !!},

somebody, you we hope, has asked for a new password. Choose one here within {{ $minutes }} minutes:

{!! $link !!}

If it was not you, do nothing: your password stays as it is.
