using FairCompass.Core.Briefing;

namespace FairCompass.Web.Access;

/// <summary>A link that was made; it is shown this once.</summary>
/// <param name="Url">The whole of it; the token stands behind the #, so that no server and no log sees it.</param>
/// <param name="Ends">Until when it can be used, UTC.</param>
/// <param name="Qr">The same to be scanned.</param>
public sealed record MadeLink(string Url, DateTimeOffset Ends, QrModules Qr)
{
    /// <summary>A link to a path of this application.</summary>
    /// <param name="reach">The address to which it leads, without a slash at the end.</param>
    /// <param name="path">The path, with the token.</param>
    /// <param name="ends">Until when it can be used.</param>
    public static MadeLink To(string reach, string path, DateTimeOffset ends) => new(reach + path, ends, QrModules.Of(reach + path));
}
