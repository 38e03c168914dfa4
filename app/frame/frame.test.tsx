import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useContext, useState } from "react";
import { describe, expect, it } from "vitest";
import { renderPage } from "../testing/renderPage.tsx";
import { ErrorView } from "./ErrorView.tsx";
import { Pages } from "./Pages.tsx";
import { SearchBox } from "./SearchBox.tsx";
import { Shortcuts } from "./Shortcuts.tsx";
import { UnitSwitch } from "./UnitSwitch.tsx";
import { InchStepChoice } from "./units/InchStepChoice.tsx";
import { UnitContext, useLengths } from "./units/UnitContext.tsx";
import { useFormUnit } from "./units/useFormUnit.ts";

describe("keys", () => {
  const clicked: string[] = [];
  const bench = () => {
    clicked.length = 0;
    renderPage(
      <>
        <Shortcuts />
        <button type="button" id="unit-switch" onClick={() => clicked.push("unit")}>
          cm
        </button>
        <button type="button" aria-keyshortcuts="1" data-does="to the body" onClick={() => clicked.push("body")}>
          Body
        </button>
        <input type="search" aria-label="Search" />
        <textarea aria-label="Notes" />
      </>,
    );
  };

  it("work wherever nothing is being typed", async () => {
    bench();
    await userEvent.keyboard("u1");
    expect(clicked).toEqual(["unit", "body"]);
  });

  it("are letters where something is typed", async () => {
    bench();
    await userEvent.type(screen.getByLabelText("Notes"), "u1?");
    expect(clicked).toEqual([]);
    expect((screen.getByLabelText("Notes") as HTMLTextAreaElement).value).toBe("u1?");
    expect(screen.queryByRole("dialog")).toBeNull();
  });

  it("lead into the search", async () => {
    bench();
    await userEvent.keyboard("/");
    expect(document.activeElement).toBe(screen.getByLabelText("Search"));
  });

  it("are listed under one, with those of the page", async () => {
    bench();
    await userEvent.keyboard("?");
    const list = await screen.findByRole("dialog", { name: "Keys" });
    expect(list.textContent).toContain("uswitch cm and inches");
    expect(list.textContent).toContain("1to the body");
    expect(list.textContent).not.toContain("history of this job");
  });
});

describe("the unit of all lengths", () => {
  it("is switched in one place, and what is shown is sent", async () => {
    const { posted } = renderPage(<UnitSwitch />);
    await userEvent.click(screen.getByRole("button", { name: "Lengths in cm; show in" }));
    await waitFor(() => expect(posted).toEqual([{ address: "/preferences", fields: { unit: "in" } }]));
  });

  it("writes inches as finely as this browser was told", async () => {
    const { posted } = renderPage(
      <UnitContext.Provider value={{ unit: "in", inchStep: 16 }}>
        <InchStepChoice />
      </UnitContext.Provider>,
    );
    expect(screen.getByRole("button", { pressed: true }).textContent).toContain("28 3/16");
    await userEvent.click(screen.getByRole("button", { pressed: false }));
    await waitFor(() => expect(posted[0]?.fields).toEqual({ inchStep: "8" }));
  });

  it("stays with a form that was begun in the other one", async () => {
    function Form() {
      const [unit, setUnit] = useState<"cm" | "in">("cm");
      return (
        <UnitContext.Provider value={{ unit, inchStep: 8 }}>
          <Begun />
          <button type="button" onClick={() => setUnit("in")}>
            switch
          </button>
        </UnitContext.Provider>
      );
    }
    function Begun() {
      return (
        <output>
          {useFormUnit()} {useFormUnit({ unit: "in" })} {useFormUnit({ unit: "yards" }, null)} {useLengths().unit}
        </output>
      );
    }
    renderPage(<Form />);
    expect(screen.getByRole("status").textContent).toBe("cm in cm cm");
    await userEvent.click(screen.getByRole("button"));
    expect(screen.getByRole("status").textContent).toBe("cm in cm in");
  });

  it("is centimetres where nothing was told", () => {
    function Shown() {
      return <output>{useContext(UnitContext).unit}</output>;
    }
    renderPage(<Shown />);
    expect(screen.getByRole("status").textContent).toBe("cm");
  });
});

describe("a list", () => {
  it("of one page has nothing to turn", () => {
    const { container } = renderPage(<Pages page={1} pageCount={1} query={{}} />);
    expect(container.textContent).toBe("");
  });

  it.each([
    [1, ["Further"], "?q=a+b&page=2"],
    [2, ["Earlier", "Further"], "?q=a+b&page=1"],
    [3, ["Earlier"], "?q=a+b&page=2"],
  ] as const)("on page %i of three turns %j and keeps what was searched", (page, turns, first) => {
    renderPage(<Pages page={page} pageCount={3} query={{ q: "a b" }} />);
    const links = screen.getAllByRole("link");
    expect(links.map(({ textContent }) => textContent)).toEqual(turns);
    expect(links[0]?.getAttribute("href")).toBe(`/${first}`);
    expect(screen.getByText(`Page ${page} of 3`)).toBeTruthy();
  });

  it("is searched by what stands in the address, and keeps the rest of it", () => {
    renderPage(<SearchBox label="Search by name" search="heron" keep={{ order: "largest" }} />);
    const form = screen.getByRole("search") as HTMLFormElement;
    expect(Object.fromEntries(new FormData(form))).toEqual({ order: "largest", q: "heron" });
  });

  it("keeps what was typed when an answer comes late, and takes the answer otherwise", async () => {
    function Late() {
      const [search, setSearch] = useState("heron");
      return (
        <>
          <SearchBox label="Search by name" search={search} />
          <button type="button" onClick={() => setSearch("avocet")}>
            answer
          </button>
        </>
      );
    }
    renderPage(<Late />);
    const field = screen.getByRole("searchbox") as HTMLInputElement;
    await userEvent.clear(field);
    await userEvent.type(field, "bittern");
    await userEvent.click(screen.getByText("answer"));
    expect(field.value).toBe("bittern");
  });
});

describe("what went wrong", () => {
  it.each([
    [404, { what: "job" }, "There is no such job.", /may be mistyped/],
    [404, null, "There is no such page.", /may be mistyped/],
    [400, { message: "Expected a number." }, "This cannot be read.", /^Expected a number\.$/],
    [500, { reference: "K7XM2QPA" }, "Something went wrong here.", /Nothing was half-saved/],
  ])("%i %j is told in words", (status, detail, title, words) => {
    renderPage(<ErrorView status={status} detail={detail} />);
    expect(screen.getByRole("heading").textContent).toBe(title);
    expect(screen.getByText(words)).toBeTruthy();
    expect(screen.getByRole("link", { name: "To the bench" }).getAttribute("href")).toBe("/");
  });

  it("has its reference where there is one", () => {
    renderPage(<ErrorView status={500} detail={{ reference: "K7XM2QPA" }} />);
    expect(screen.getByText("K7XM2QPA")).toBeTruthy();
  });
});
