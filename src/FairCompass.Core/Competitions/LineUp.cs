namespace FairCompass.Core.Competitions;

/// <summary>How an entry of a team division is made up, where its entries differ.</summary>
/// <param name="Of">How many stand in it, where entries differ in size; null otherwise.</param>
/// <param name="Make"><c>man</c>, <c>woman</c> or <c>mixed</c>, where entries differ in that; null otherwise.</param>
/// <param name="Order">The duties from the first place on, where the order is told at check-in; empty otherwise.</param>
public sealed record LineUp(int? Of, string? Make, Quantities.Eq<string> Order = default)
{
    /// <summary>The most orders of duties that are told apart: those of four members, two of each.</summary>
    public const int MostOrders = 6;

    /// <summary>The word for entries of men and women together.</summary>
    public const string Mixed = "mixed";

    /// <summary>The line-up in words: <c>3 members, mixed</c>, <c>women</c>, <c>woman then man</c>.</summary>
    public string In(Languages.Tongue tongue)
    {
        var words = new List<string>();
        if (Of is { } n)
        {
            words.Add(tongue.Say($"{n} members", $"{n} miembros"));
        }

        if (Make is { } make)
        {
            words.Add(
                make switch
                {
                    "man" => tongue.Say("men", "hombres"),
                    "woman" => tongue.Say("women", "mujeres"),
                    _ => tongue.Say("mixed", "mixto"),
                }
            );
        }

        if (Order.Count > 0)
        {
            words.Add(string.Join(tongue.Say(" then ", ", luego "), Order.Select(tongue.Name)));
        }

        return string.Join(", ", words);
    }
}
