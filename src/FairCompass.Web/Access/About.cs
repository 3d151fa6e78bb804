namespace FairCompass.Web.Access;

/// <summary>What something was done to, for the log, where that is no workout: a person, an invitation, a link.</summary>
/// <param name="Words">In words.</param>
public sealed record About(string Words)
{
    /// <summary>Says it for the request that is worked on.</summary>
    public static void Say(HttpContext http, string words) => http.Features.Set(new About(words));
}
