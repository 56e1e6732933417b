<p class="page">The case opens at its next stop.</p>
