using System.Text.RegularExpressions;

namespace FairCompass.Core.Languages;

/// <summary>
/// Turns the Spanish of Spain, in which the built-in texts are written, into that of the Americas: the words of the floor with the
/// articles and adjectives that agree with them. The words are common practice of judges there. What stands in «» is somebody’s own
/// and stays.
/// </summary>
public static partial class AmericanSpanish
{
    /// <summary>A text in the Spanish of the Americas.</summary>
    /// <param name="text">In the Spanish of Spain.</param>
    public static string Of(string text)
    {
        if (!Differs.IsMatch(text))
        {
            return text;
        }

        var open = text.IndexOf('«', StringComparison.Ordinal);
        var close = open < 0 ? -1 : text.IndexOf('»', open);
        return close < 0 ? Plain(text) : Plain(text[..open]) + text[open..(close + 1)] + Of(text[(close + 1)..]);
    }

    private static string Plain(string text) =>
        Rules.Aggregate(text, (t, rule) => rule.From.Replace(t, m => Cased(m.Value, m.Result(rule.To))));

    /// <summary>A capital where the word that is replaced had one.</summary>
    private static string Cased(string was, string now) => char.IsUpper(was[0]) ? char.ToUpperInvariant(now[0]) + now[1..] : now;

    /// <summary>A word that some rule may concern: most texts have none, and are left alone at once.</summary>
    [GeneratedRegex(
        "calle|puntuaci|prueba|tanda|señal|pista|cierre|blanco|comba|ayudante|hoja|osotros|cajón|dos tiempos|arrancada|trepa|pino|paseo"
            + "|despegue|se ha perdido|avis",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Differs { get; }

    /// <summary>In order: whole phrases first, then words with what agrees with them.</summary>
    private static (Regex From, string To)[] Rules { get; } =
    [
        .. Phrases(),
        .. Masculine("calle", "carril", "calles", "carriles"),
        .. Masculine("puntuación", "puntaje", "puntuaciones", "puntajes"),
        .. Masculine("prueba", "evento", "pruebas", "eventos"),
        .. Masculine("tanda", "heat", "tandas", "heats"),
        .. Words(),
    ];

    private static IEnumerable<(Regex, string)> Phrases() =>
        new[]
        {
            ("vosotros cambiáis", "ustedes cambian"),
            ("se ha perdido", "se perdió"),
            ("hoja de avisos", "hoja de anuncios"),
            ("quien avisa no la reinicia", "quien avisa no lo reinicia"),
            ("la puntuación queda abierta", "el puntaje queda abierto"),
            ("deja abierta la puntuación", "deja abierto el puntaje"),
            ("no hay puntuación; queda detrás de quienes la tienen", "no hay puntaje; queda detrás de quienes lo tienen"),
            ("y quedan puntuadas", "y quedan puntuados"),
            ("las tandas anteriores se juzgan", "los heats anteriores se juzgan"),
            ("sentadilla de arrancada", "sentadilla con barra arriba"),
            ("salto por encima del cajón", "salto sobre el cajón"),
            ("saltos por encima del cajón", "saltos sobre el cajón"),
            ("paso por encima del cajón", "paso sobre el cajón"),
            ("pasos por encima del cajón", "pasos sobre el cajón"),
            ("(dos tiempos)", "(envión)"),
            ("(arrancada completa)", "(arranque completo)"),
            ("(arrancada)", "(arranque)"),
            ("(trepa)", "(subida de cuerda)"),
            ("(flexión de pino)", "(flexión parada de manos)"),
            (" (andar de pino)", ""),
            ("(paseo)", "(caminata)"),
            ("con despegue de manos", "despegando las manos"),
        }.Select(p => (Whole(p.Item1), p.Item2));

    private static IEnumerable<(Regex, string)> Words() =>
        new[]
        {
            ("señal", "bocina"),
            ("equipo de pista", "equipo de piso"),
            ("cierre", "seguro"),
            ("cierres", "seguros"),
            ("blanco", "objetivo"),
            ("blancos", "objetivos"),
            ("comba", "cuerda"),
            ("ayudante", "asistente"),
            ("ayudantes", "asistentes"),
        }.Select(p => (Whole(p.Item1), p.Item2));

    /// <summary>A feminine noun that becomes a masculine one, with its article, what points at it, and the
    /// adjectives of the papers.</summary>
    private static IEnumerable<(Regex, string)> Masculine(string one, string other, string many, string others)
    {
        foreach (
            var (from, to) in new[]
            {
                ("de la", "del"),
                ("a la", "al"),
                ("la", "el"),
                ("una", "un"),
                ("esta", "este"),
                ("otra", "otro"),
                ("ninguna", "ningún"),
                ("misma", "mismo"),
                ("toda la", "todo el"),
            }
        )
        {
            foreach (
                var (before, behind) in new[]
                {
                    ("primera ", "primer "),
                    ("última ", "último "),
                    ("otra ", "otro "),
                    ("mejor ", "mejor "),
                    ("", ""),
                }
            )
            {
                yield return (Whole($"{from} {before}{one}"), $"{to} {behind}{other}");
            }
        }

        foreach (var (from, to) in new[] { ("las", "los"), ("todas las", "todos los"), ("varias", "varios"), ("otras", "otros") })
        {
            yield return (Whole($"{from} {many}"), $"{to} {others}");
        }

        yield return (Whole(one), other);
        yield return (Whole($"{other} vecina"), $"{other} vecino");
        yield return (Whole(many), others);
    }

    private static Regex Whole(string words) =>
        new(
            (char.IsLetter(words[0]) ? @"\b" : "") + Regex.Escape(words) + (char.IsLetter(words[^1]) ? @"\b" : ""),
            RegexOptions.IgnoreCase | RegexOptions.CultureInvariant
        );
}
