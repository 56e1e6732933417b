<p class="key flex flex-wrap gap-y-1 gap-x-4 m-0 soft small">
  <span><i class="bg-moss"></i> fits</span>
  <span><i class="care bg-saffron-wash"></i> with a Care</span>
  <span><i class="rain text-petrol">″</i> rain</span>
  <span><i class="border-b-2 border-b-edge"></i> not then</span>
  <span><i class="halt text-brick">✕</i> halted</span>
</p>

<style>
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
  .care {
    border: 1.5px solid var(--saffron);
  }
  .rain {
    font-weight: 800;
  }
  .halt {
    font-weight: 700;
  }
</style>
