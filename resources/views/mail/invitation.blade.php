{!! $who !!} shares the paper “{!! $title !!}” with you.
@switch ($right->value)
@case ('edit')
You may read it, comment on it and change it.
@break
@case ('comment')
You may read it and comment on it.
@break
@default
You may read it.
@endswitch

Open it:
{!! $url !!}

It is for this address: sign in with it, or open an account with it.
