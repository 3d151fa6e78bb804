using FairCompass.Core.Quantities;
using FairCompass.Core.Text;

namespace FairCompass.Planning.People;

/// <summary>What a column of a list of entries tells.</summary>
public enum ColumnKind
{
    /// <summary>Nothing that is taken.</summary>
    Nothing,

    /// <summary>The whole name of an athlete.</summary>
    Name,

    /// <summary>The first name alone.</summary>
    FirstName,

    /// <summary>The family name alone.</summary>
    LastName,

    /// <summary>Where they train.</summary>
    Gym,

    /// <summary>The division, perhaps with men or women in it.</summary>
    Division,

    /// <summary>The number worn.</summary>
    Bib,

    /// <summary>Man or woman.</summary>
    Sex,

    /// <summary>The name of a pair or crew.</summary>
    Team,

    /// <summary>The place in the team, from 1.</summary>
    Seat,

    /// <summary>The place that is expected, from 1.</summary>
    Seed,

    /// <summary>The level, of those that workouts name.</summary>
    Level,

    /// <summary>An address or telephone number, which is kept apart.</summary>
    Contact,
}

/// <summary>What a column tells, and of which member of a team.</summary>
/// <param name="Kind">What it tells.</param>
/// <param name="Member">Whose, from 1; null for the athlete or team of the row.</param>
public sealed record ColumnUse(ColumnKind Kind, int? Member = null)
{
    /// <summary>A column that is passed over.</summary>
    public static ColumnUse None { get; } = new(ColumnKind.Nothing);
}

/// <summary>Matches the columns of a list by what stands above them, and by what stands in them.</summary>
public static class Columns
{
    /// <summary>Of how many filled cells in a hundred a column must be what it is taken for, where nothing above it says so.</summary>
    private const int MostlyOfHundred = 80;

    /// <summary>Words above columns, in the languages that forms come in; without accents, in small letters. The first that holds a
    /// whole heading counts.</summary>
    private static readonly (ColumnKind Kind, string[] Words)[] Headings =
    [
        (ColumnKind.FirstName, ["first name", "given name", "forename", "vorname", "prenom", "nombre de pila", "first"]),
        (ColumnKind.LastName, ["last name", "surname", "family name", "nachname", "apellido", "apellidos", "nom de famille", "last"]),
        (
            ColumnKind.Team,
            ["team", "crew", "pair", "team name", "crew name", "pair name", "name of team", "equipo", "nombre del equipo", "teamname"]
        ),
        (ColumnKind.Gym, ["gym", "box", "club", "affiliate", "home gym", "gimnasio", "verein", "studio", "salle"]),
        (ColumnKind.Division, ["division", "category", "categoria", "class", "kategorie", "categorie", "klasse"]),
        (
            ColumnKind.Bib,
            ["bib", "number", "no", "nr", "#", "start number", "bib number", "athlete number", "dorsal", "startnummer", "numero"]
        ),
        (ColumnKind.Sex, ["sex", "gender", "sexo", "genero", "geschlecht", "m/f", "f/m", "m/w", "sexe", "duty", "man/woman"]),
        (ColumnKind.Seat, ["place", "seat", "position", "place in team", "puesto", "member"]),
        (ColumnKind.Level, ["level", "scale", "scaling", "nivel", "niveau", "stufe"]),
        (ColumnKind.Seed, ["seed", "ranking", "rank", "qualifier", "qualifier place", "seeding", "clasificacion"]),
        (
            ColumnKind.Contact,
            [
                "email",
                "e-mail",
                "mail",
                "email address",
                "phone",
                "telephone",
                "mobile",
                "contact",
                "correo",
                "telefono",
                "telefon",
                "handy",
                "emergency contact",
                "emergency phone",
            ]
        ),
        (
            ColumnKind.Name,
            [
                "name",
                "athlete",
                "athlete name",
                "full name",
                "competitor",
                "participant",
                "nombre",
                "nombre completo",
                "nombre y apellidos",
                "atleta",
                "your name",
                "judge",
                "judge name",
                "volunteer",
            ]
        ),
    ];

    private static readonly string[] MemberWords = ["athlete", "member", "competitor", "atleta", "miembro", "partner", "person"];

    /// <summary>What a heading says; null where it says nothing that is known.</summary>
    /// <param name="heading">As it stands in the file.</param>
    public static ColumnUse? OfHeading(string heading)
    {
        var text = Plain(heading);
        if (Member(text) is (var member, var what))
        {
            return what.Length == 0 ? new(ColumnKind.Name, member)
                : Kind(what) is { } of ? new(of, member)
                : null;
        }

        return Kind(text) is { } kind ? new(kind) : null;
    }

    /// <summary>The columns of a list.</summary>
    /// <param name="rows">Its rows, the first of which may be headings.</param>
    /// <param name="divisions">How divisions are recognised.</param>
    /// <param name="headed">True where the first row is no entry.</param>
    public static Eq<ColumnUse> Match(IReadOnlyList<string[]> rows, DivisionWords divisions, out bool headed)
    {
        var width = rows.Count == 0 ? 0 : rows.Max(r => r.Length);
        var heads = Enumerable.Range(0, width).Select(c => OfHeading(Cell(rows[0], c))).ToList();
        headed = heads.Exists(h => h is not null);
        var uses = new ColumnUse[width];
        var taken = new HashSet<ColumnUse>();
        for (var c = 0; c < width; c++)
        {
            uses[c] = heads[c] is { } h && (h.Kind == ColumnKind.Contact || taken.Add(h)) ? h : ColumnUse.None;
        }

        // “Nombre” above a column stands for the whole name, unless the family name has a column of its own.
        if (taken.Contains(new(ColumnKind.LastName)) && !taken.Contains(new(ColumnKind.FirstName)))
        {
            var at = Array.IndexOf(uses, new(ColumnKind.Name));
            if (at >= 0)
            {
                uses[at] = new(ColumnKind.FirstName);
            }
        }

        var body = rows.Skip(headed ? 1 : 0).Take(200).ToList();
        for (var c = 0; c < width; c++)
        {
            if (uses[c].Kind == ColumnKind.Nothing && ByContent(body, c, divisions, uses) is { } found)
            {
                uses[c] = new(found);
            }
        }

        return [.. uses];
    }

    /// <summary>The cell of a row, trimmed; empty beyond its end.</summary>
    internal static string Cell(string[] row, int column) => column < row.Length ? row[column].Trim() : "";

    private static ColumnKind? ByContent(List<string[]> rows, int column, DivisionWords divisions, ColumnUse[] uses)
    {
        var cells = rows.Select(r => Cell(r, column)).Where(c => c.Length > 0).ToList();
        bool Free(ColumnKind kind) => !uses.Any(u => u.Kind == kind);
        bool Mostly(Func<string, bool> be) => cells.Count > 0 && cells.Count(be) * 100 >= cells.Count * MostlyOfHundred;
        return Free(ColumnKind.Division) && Mostly(c => divisions.Find(c) is not null) ? ColumnKind.Division
            : Mostly(c => c.Contains('@', StringComparison.Ordinal)) ? ColumnKind.Contact
            : Free(ColumnKind.Sex) && Mostly(c => SexWords.Of(c) is not null) ? ColumnKind.Sex
            : Free(ColumnKind.Name) && Free(ColumnKind.FirstName) && !uses.Any(u => u.Member is not null) && Mostly(IsName)
                ? ColumnKind.Name
            : null;
    }

    private static bool IsName(string text) =>
        text.Contains(' ', StringComparison.Ordinal) && text.All(c => char.IsLetter(c) || c is ' ' or '-' or '\'' or '’' or '.' or ',');

    private static ColumnKind? Kind(string text) =>
        Headings.Where(h => h.Words.Contains(text, StringComparer.Ordinal)).Select(h => (ColumnKind?)h.Kind).FirstOrDefault();

    /// <summary>“athlete 2 gym”: the second, and <c>gym</c>.</summary>
    private static (int Member, string What)? Member(string text)
    {
        var words = text.Split(' ', StringSplitOptions.RemoveEmptyEntries).ToList();
        var at = words.FindIndex(w => w.Length == 1 && w[0] is >= '1' and <= '8');
        if (at < 0 || !words.Exists(w => MemberWords.Contains(w, StringComparer.Ordinal) || Kind(w) == ColumnKind.Name))
        {
            return null;
        }

        var rest = words.Where((w, i) => i != at && !MemberWords.Contains(w, StringComparer.Ordinal));
        return (words[at][0] - '0', string.Join(' ', rest));
    }

    private static string Plain(string text) =>
        string.Join(
            ' ',
            Accents.Without(text).ToLowerInvariant().Split([' ', '_', ':', '.', '*', '(', ')', '\t'], StringSplitOptions.RemoveEmptyEntries)
        );
}
