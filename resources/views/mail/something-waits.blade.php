Something waits for you. Sign in to see it: {{ $at }}
