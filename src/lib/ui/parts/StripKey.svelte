<p class="key small">
  <span><i class="fits"></i> fits</span>
  <span><i class="care"></i> with a Care</span>
  <span><i class="rain">″</i> rain</span>
  <span><i class="no"></i> not then</span>
  <span><i class="halt">✕</i> halted</span>
</p>

<style>
  .key {
    display: flex;
    flex-wrap: wrap;
    gap: 0.2rem 1rem;
    margin: 0;
    color: var(--soft);
  }
  .key span {
    display: inline-flex;
    align-items: center;
    gap: 0.35rem;
  }
  i {
    display: inline-block;
    width: 14px;
    height: 14px;
    font-style: normal;
    line-height: 14px;
    text-align: center;
  }
  .fits {
    background: var(--moss);
  }
  .care {
    background: var(--saffron-wash);
    border: 1.5px solid var(--saffron);
  }
  .no {
    border-bottom: 2px solid var(--edge);
  }
  .rain {
    color: var(--petrol);
    font-weight: 800;
  }
  .halt {
    color: var(--brick);
    font-weight: 700;
  }
</style>
