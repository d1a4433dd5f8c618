Somebody, we hope you, forgot the password of the account with this address.

Choose a new one, within an hour:
{!! $url !!}

If it was not you, do nothing: your password stays as it is.
