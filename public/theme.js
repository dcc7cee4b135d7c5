// Before anything is painted: the light or the dark room, as it was left.
document.documentElement.dataset.theme = localStorage.getItem('theme') || 'light';
