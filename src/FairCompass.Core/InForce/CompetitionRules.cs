using System.Globalization;
using System.Text.RegularExpressions;
using FairCompass.Core.Binding;
using FairCompass.Core.Competitions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;

namespace FairCompass.Core.InForce;

/// <summary>What a competition must be before it is stored or computed with.</summary>
public static partial class CompetitionRules
{
    /// <summary>Every objection to a competition; empty when it can be accepted.</summary>
    public static IReadOnlyList<FieldError> Validate(Competition c)
    {
        var errors = new List<FieldError>();
        Name(errors, "name", c.Name, 120, required: true);
        Name(errors, "place", c.Place, 200, required: false);
        if (c.Ends < c.Starts)
        {
            errors.Add(new("ends", "The last day is before the first."));
        }
        else if (c.Ends.DayNumber - c.Starts.DayNumber > 60)
        {
            errors.Add(new("ends", "A competition lasts at most 60 days; is the year right?"));
        }

        if (c.Divisions.Count > 60)
        {
            errors.Add(new("divisions", "At most 60 divisions."));
        }

        for (var i = 0; i < c.Divisions.Count; i++)
        {
            Division(errors, c, i);
        }

        Kit(errors, c.Kit, c.Unit);
        errors.AddRange(StandardRules.Validate(c));
        errors.AddRange(c.Overall?.Validate(0).Select(e => e with { Path = "overall." + e.Path }) ?? []);
        errors.AddRange(Paces(c));
        return errors;
    }

    /// <summary>More paces than there are movements in any competition.</summary>
    private const int MostPaces = 500;

    private static IEnumerable<FieldError> Paces(Competition c)
    {
        if (c.Paces.Count > MostPaces)
        {
            yield return new("paces", $"At most {MostPaces} paces.");
        }

        for (var i = 0; i < Math.Min(c.Paces.Count, MostPaces); i++)
        {
            if (c.Paces[i].Objection() is { } wrong)
            {
                yield return new($"paces[{i}].{wrong.Field}", wrong.Sentence);
            }
            else if (c.Paces[i].Division is { } division && c.Find(division) is null)
            {
                yield return new($"paces[{i}].division", $"There is no division {division}.");
            }
        }
    }

    /// <summary>Objections to a name that people will read on paper.</summary>
    public static string? NameError(string value, int max, bool required)
    {
        if (value.Trim().Length == 0)
        {
            return required ? "A name is needed." : null;
        }

        var length = new StringInfo(value).LengthInTextElements;
        if (length > max || value.Length > max * 8)
        {
            return $"At most {max} characters; this has {length}.";
        }

        return value.Any(Characters.IsForbidden)
            ? "Control characters and marks that turn the reading direction cannot be part of a name."
            : null;
    }

    private static void Name(List<FieldError> errors, string path, string value, int max, bool required)
    {
        if (NameError(value, max, required) is { } error)
        {
            errors.Add(new(path, error));
        }
    }

    private static void DivisionName(List<FieldError> errors, Competition c, int index)
    {
        var name = c.Divisions[index].Name;
        var path = $"divisions[{index}]";
        if (NameError(name, 40, required: true) is { } error)
        {
            errors.Add(new(path + ".name", error));
        }
        else if (!(char.IsUpper(name[0]) || char.IsAsciiDigit(name[0]) || (char.IsLetter(name[0]) && !char.IsLower(name[0]))))
        {
            errors.Add(
                new(path + ".name", "A division's name begins with a capital or a digit, so that drafts can tell it from small words.")
            );
        }
        else if (
            name.Any(ch => !(char.IsLetterOrDigit(ch) || ch is ' ' or '-' or '\'' or '&' or '+' or '’'))
            || $" {name} ".Contains(" and ", StringComparison.Ordinal)
            || $" {name} ".Contains(" only ", StringComparison.Ordinal)
        )
        {
            errors.Add(
                new(
                    path + ".name",
                    "A division's name has letters, digits, spaces and - ' & + only, and not the words “and” or “only”, "
                        + "because drafts use the rest."
                )
            );
        }
        else if (NameBinder.IsWord(name))
        {
            errors.Add(new(path + ".name", $"In a draft {name} is a place in the team; give the division another name."));
        }
        else if (c.Divisions.Take(index).Any(o => string.Equals(o.Name, name, StringComparison.OrdinalIgnoreCase)))
        {
            errors.Add(new(path + ".name", $"There is already a division called {name}."));
        }
    }

    private static void Division(List<FieldError> errors, Competition c, int index)
    {
        var d = c.Divisions[index];
        var path = $"divisions[{index}]";
        DivisionName(errors, c, index);
        if (d.Duties.Count is < 1 or > 2 || d.Duties.Any(x => Duties.Find(x) is null) || d.Duties.Distinct().Count() != d.Duties.Count)
        {
            errors.Add(new(path + ".duties", "One or two different duties, man and woman, in the order of a/b."));
        }

        if (SeatsWrong(d) is { } sentence)
        {
            errors.Add(new(path + ".seats", sentence));
        }

        foreach (var (key, wrong) in LineUpsWrong(d))
        {
            errors.Add(new($"{path}.{key}", wrong));
        }

        if (d.InheritsFrom is { } parent)
        {
            if (c.Find(parent) is not { } found)
            {
                errors.Add(new(path + ".inheritsFrom", $"There is no division called {parent}."));
            }
            else if (c.Chain(found).Contains(d))
            {
                errors.Add(new(path + ".inheritsFrom", $"{d.Name} would inherit from itself by way of {found.Name}."));
            }
        }
    }

    private static IEnumerable<(string Key, string Sentence)> LineUpsWrong(Division d)
    {
        if (d.Smallest is { } smallest && (!d.IsTeam || smallest < 2 || smallest >= d.Size))
        {
            yield return (
                "smallest",
                d.Size > 2
                    ? $"From 2 to {d.Size - 1}; leave it empty where every entry has {d.Size}."
                    : "Only entries of three or more can differ in size."
            );
        }

        if (d.Entries.Count > 0 && MakesWrong(d, d.Entries) is { } sentence)
        {
            yield return ("entries", sentence);
        }
    }

    /// <summary>Why entries of a division cannot be made up in some ways; null when they can.</summary>
    /// <param name="d">The division.</param>
    /// <param name="makes">Some of <c>man</c>, <c>woman</c>, <c>mixed</c>.</param>
    public static string? MakesWrong(Division d, IReadOnlyCollection<string> makes) =>
        !d.IsTeam ? $"{d.Name} runs alone: nothing is made up."
        : makes.FirstOrDefault(m => m != LineUp.Mixed && Duties.Find(m) is null) is { } unknown ? $"“{unknown}” is not man, woman or mixed."
        : makes.GroupBy(m => m).FirstOrDefault(g => g.Count() > 1) is { } twice ? $"{twice.Key} stands here twice."
        : makes.FirstOrDefault(m => m != LineUp.Mixed && !d.Duties.Contains(m)) is { } other ? $"{other} is none of the duties of {d.Name}."
        : makes.Contains(LineUp.Mixed) && d.Duties.Count < 2 ? $"{d.Name} has one duty, so nobody is mixed."
        : null;

    private static string? SeatsWrong(Division d) =>
        d.Seats.Count == 0 ? null
        : !d.IsTeam ? "Who runs alone has no places."
        : d.Seats.Count != d.Size ? $"{d.Size} places, a duty for each."
        : d.Seats.FirstOrDefault(s => !d.Duties.Contains(s)) is { } other ? $"{other} is none of the duties of this division."
        : d.Duties.FirstOrDefault(x => !d.Seats.Contains(x)) is { } missing
            ? $"No place is a {missing}’s; leave {missing} out of the duties."
        : null;

    private static void Further(List<FieldError> errors, LaneKit kit)
    {
        Length(errors, "kit.menSleeve", kit.MenSleeve, 1000);
        Length(errors, "kit.womenSleeve", kit.WomenSleeve, 1000);
        if (kit.Lanes is < 1 or > 100)
        {
            errors.Add(new("kit.lanes", "From 1 to 100 lanes."));
        }

        if (kit.Bars.Count > 10)
        {
            errors.Add(new("kit.bars", "At most 10 bars beside the usual two."));
        }

        if (kit.Things.Count > 100)
        {
            errors.Add(new("kit.things", "At most 100 kinds of things."));
        }

        for (var i = 0; i < Math.Min(kit.Plates.Count, 20); i++)
        {
            Length(errors, $"kit.plates[{i}].thickness", kit.Plates[i].Thickness, 200);
        }

        Bars(errors, kit);
        Things(errors, kit);
    }

    private static void Bars(List<FieldError> errors, LaneKit kit)
    {
        for (var i = 0; i < Math.Min(kit.Bars.Count, 10); i++)
        {
            var bar = kit.Bars[i];
            Mass(errors, $"kit.bars[{i}].mass", bar.Mass, 1, 120);
            Length(errors, $"kit.bars[{i}].sleeve", bar.Sleeve, 1000);
            if (bar.Count is < 1 or > 20)
            {
                errors.Add(new($"kit.bars[{i}].count", "From 1 to 20 in a lane."));
            }

            if (NameError(bar.Name, 30, required: true) is { } error)
            {
                errors.Add(new($"kit.bars[{i}].name", error));
            }
            else if (!BarName().IsMatch(bar.Name))
            {
                errors.Add(new($"kit.bars[{i}].name", "Small letters, figures, spaces and hyphens, as drafts write it: axle, trap bar."));
            }
            else if (kit.Bars.Take(i).Any(b => b.Name == bar.Name))
            {
                errors.Add(new($"kit.bars[{i}].name", "This bar is already listed."));
            }
        }
    }

    private static void Things(List<FieldError> errors, LaneKit kit)
    {
        for (var i = 0; i < Math.Min(kit.Things.Count, 100); i++)
        {
            if (NameError(kit.Things[i].Name, 60, required: true) is { } error)
            {
                errors.Add(new($"kit.things[{i}].name", error));
            }
            else if (kit.Things.Take(i).Any(t => string.Equals(t.Name, kit.Things[i].Name, StringComparison.OrdinalIgnoreCase)))
            {
                errors.Add(new($"kit.things[{i}].name", "This is already listed; change its number."));
            }

            if (kit.Things[i].Count is < 0 or > 1000)
            {
                errors.Add(new($"kit.things[{i}].count", "From 0 to 1000."));
            }
        }
    }

    [GeneratedRegex("^[a-zà-ÿ0-9][a-zà-ÿ0-9 -]*$", RegexOptions.None, matchTimeoutMilliseconds: 100)]
    private static partial Regex BarName();

    private static void Length(List<FieldError> errors, string path, decimal? value, decimal most)
    {
        if (value is { } length && (length <= 0 || length > most || decimal.Round(length, 1) != length))
        {
            errors.Add(new(path, $"Over 0 and up to {Number.Normal(most)} mm, with at most one decimal."));
        }
    }

    /// <summary>What is wrong with what stands on a plate in the other unit; null where it goes with its mass.</summary>
    private static string? Stamp(PlateStock plate, MassUnit unit) =>
        plate.Stamped is not { } stamped ? null
        : stamped is <= 0 or > 500 ? "Over 0 and up to 500."
        : new Mass(stamped, unit.Other()) is var there
        && there.In(unit) is var exact
        && Math.Abs(plate.Mass - exact) > PlateStock.MostOff * exact
            ? $"{there} are {Number.Normal(decimal.Round(exact, 2))} {unit.Symbol()}, not {Number.Normal(plate.Mass)}."
        : null;

    private static void Plates(List<FieldError> errors, LaneKit kit, MassUnit unit)
    {
        for (var i = 0; i < kit.Plates.Count; i++)
        {
            Mass(errors, $"kit.plates[{i}].mass", kit.Plates[i].Mass, 0.1m, 220);
            if (kit.Plates[i].Count is < 0 or > 100)
            {
                errors.Add(new($"kit.plates[{i}].count", "From 0 to 100 single plates."));
            }

            if (Stamp(kit.Plates[i], unit) is { } stamp)
            {
                errors.Add(new($"kit.plates[{i}].stamped", stamp));
            }

            if (kit.Plates.Take(i).Any(p => p.Mass == kit.Plates[i].Mass))
            {
                errors.Add(new($"kit.plates[{i}].mass", "This plate is already listed; change its count."));
            }
        }
    }

    private static void Kit(List<FieldError> errors, LaneKit kit, MassUnit unit)
    {
        Mass(errors, "kit.menBar", kit.MenBar, 1, 120);
        Mass(errors, "kit.womenBar", kit.WomenBar, 1, 120);
        Mass(errors, "kit.clipPair", kit.ClipPair, 0, 10);
        Plates(errors, kit, unit);
        Further(errors, kit);
        if (kit.Plates.Count > 20)
        {
            errors.Add(new("kit.plates", "At most 20 kinds of plates."));
        }

        foreach (
            var (path, masses) in new[]
            {
                ("dumbbells", kit.Dumbbells),
                ("kettlebells", kit.Kettlebells),
                ("sandbags", kit.Sandbags),
                ("balls", kit.Balls),
            }
        )
        {
            if (masses.Count > 60)
            {
                errors.Add(new("kit." + path, "At most 60 masses."));
            }

            for (var i = 0; i < masses.Count; i++)
            {
                // The path is that of the bare mass it may have come as.
                Mass(errors, $"kit.{path}[{i}]", masses[i].Mass, 0.1m, 660);
                if (masses[i].Count is < 1 or > 100)
                {
                    errors.Add(new($"kit.{path}[{i}].count", "From 1 to 100; leave a mass out that is not there."));
                }

                if (masses.Take(i).Any(m => m.Mass == masses[i].Mass))
                {
                    errors.Add(new($"kit.{path}[{i}]", "This mass is already listed; change its count."));
                }
            }
        }
    }

    private static void Mass(List<FieldError> errors, string path, decimal value, decimal min, decimal max)
    {
        if (value < min || value > max || decimal.Round(value, 4) != value)
        {
            errors.Add(new(path, string.Create(CultureInfo.InvariantCulture, $"From {min} to {max}, with at most four decimals.")));
        }
    }
}
