Somebody, we hope you, opened an account at Bibrel with this address.

Confirm that it is yours:
{!! $url !!}

If it was not you, do nothing: without this nobody can be invited to a paper under your address.
