// What the network does not take stays in this browser, and is sent once when it is back.
window.kept = (key, changed, deliver) => {
  const all = () => JSON.parse(localStorage.getItem(key) || "[]");
  const keep = (items) => {
    if (items.length) localStorage.setItem(key, JSON.stringify(items)); else localStorage.removeItem(key);
    changed(items);
  };
  let sending = false;
  // an item that was taken, or refused for good, leaves; where the network is away all the rest waits
  async function send() {
    if (sending) return;
    sending = true;
    try {
      for (let item = all().find((i) => !i.refused); item; item = all().find((i) => !i.refused)) {
        const taken = await deliver(item);
        if (!taken) break;
        keep(taken.refused ? all().map((i) => (i.sent === item.sent ? { ...i, refused: taken.refused } : i)) : all().filter((i) => i.sent !== item.sent));
      }
    } catch (e) { /* the network is away: it is tried again */ }
    sending = false;
  }
  window.addEventListener("online", send);
  setInterval(send, 4000);
  keep(all());
  send();
  return { all, send, add: (item) => { keep([...all(), item]); return send(); }, drop: (which) => keep(all().filter((i) => !which(i))) };
};
