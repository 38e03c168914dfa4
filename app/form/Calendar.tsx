import { AdapterDayjs } from "@mui/x-date-pickers/AdapterDayjs";
import { DateCalendar } from "@mui/x-date-pickers/DateCalendar";
import { LocalizationProvider } from "@mui/x-date-pickers/LocalizationProvider";
import dayjs from "dayjs";
import "dayjs/locale/en-gb.js";

/** A month to pick a day from, its weeks from Monday; nothing lies in the future here. */
export default function Calendar({ day, onPick }: { day: string; onPick: (day: string) => void }) {
  const shown = dayjs(day);
  return (
    <LocalizationProvider dateAdapter={AdapterDayjs} adapterLocale="en-gb">
      <DateCalendar
        autoFocus
        disableFuture
        {...(shown.isValid() ? { defaultValue: shown } : {})}
        onChange={(picked: dayjs.Dayjs | null, state) => {
          if (picked && state === "finish") onPick(picked.format("YYYY-MM-DD"));
        }}
      />
    </LocalizationProvider>
  );
}
