<p class="page soft">Nothing was removed here.</p>
