<div style="page-break-inside: avoid">
    <h3>{{ $heading }}</h3>
    <ul>
        @foreach ($lines as $line)
            <li>{{ $line }}</li>
        @endforeach
    </ul>
</div>
