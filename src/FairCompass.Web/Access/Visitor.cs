using FairCompass.Access;
using FairCompass.Store;

namespace FairCompass.Web.Access;

/// <summary>Who sends the request: somebody signed in, the holder of a link, or nobody.</summary>
/// <param name="sessions">Where sessions are kept.</param>
/// <param name="accounts">Where it is kept what people are.</param>
/// <param name="last">Who was let in of late, for while the database does not answer.</param>
public sealed class Visitor(SessionStore sessions, AccountStore accounts, LastKnown last)
{
    private bool asked;

    /// <summary>The session; null for nobody. Known once <see cref="Ask"/> has been called.</summary>
    public SignedIn? In { get; private set; }

    /// <summary>The account; for endpoints that need one.</summary>
    public Guid Account => In?.Account ?? throw new InvalidOperationException("This endpoint does not declare that it needs an account.");

    /// <summary>Looks whose cookie was sent; once for a request.</summary>
    /// <param name="http">The request.</param>
    /// <param name="storesNothing">True where it may be answered while the database does not.</param>
    public async Task<SignedIn?> Ask(HttpContext http, bool storesNothing = false)
    {
        if (!asked)
        {
            asked = true;
            In = Cookies.SessionOf(http.Request) is { Length: > 0 and < 100 } token
                ? await last.Who(token, storesNothing, c => sessions.Find(Tokens.Hash(token), c), http.RequestAborted)
                : null;
        }

        return In;
    }

    /// <summary>What the visitor is in a competition; nothing for a stranger.</summary>
    /// <param name="competition">The competition.</param>
    /// <param name="storesNothing">True where it may be answered while the database does not.</param>
    /// <param name="cancel">Ends the wait.</param>
    public async Task<IReadOnlyList<Role>> Roles(Guid competition, bool storesNothing, CancellationToken cancel)
    {
        if (In is null)
        {
            return [];
        }

        if (In.Account is not { } account)
        {
            return In.Competition == competition && Enum.TryParse<Role>(In.Role, out var role) ? [role] : [];
        }

        return await last.Roles(In.Session, competition, storesNothing, c => accounts.Roles(account, competition, c), cancel);
    }
}
