document.getElementById("app")!.textContent = "hi";
