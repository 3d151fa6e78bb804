using FairCompass.Store;
using Npgsql;

namespace FairCompass.Web.Hosting;

/// <summary>With what the application reaches its database: as a role that may only do what it does every day, and where that is given, as
/// the owner of the tables, for migrations alone.</summary>
/// <param name="Daily">The connection string of every day; null for an application that stores nothing.</param>
/// <param name="Owner">That of the owner; null where one role is both.</param>
public sealed record Connections(string? Daily, string? Owner)
{
    /// <summary>
    /// Reads <c>ConnectionStrings:FairCompass</c> and <c>ConnectionStrings:Owner</c>, each also from a file that
    /// <c>ConnectionFile</c> or <c>OwnerConnectionFile</c> names, so that no secret stands in the environment.
    /// </summary>
    /// <param name="config">The configuration.</param>
    /// <exception cref="InvalidOperationException">A file cannot be read.</exception>
    public static Connections Of(IConfiguration config) =>
        new(
            FromFile(config["ConnectionFile"]) ?? config.GetConnectionString("FairCompass"),
            FromFile(config["OwnerConnectionFile"]) ?? config.GetConnectionString("Owner")
        );

    private static string? FromFile(string? file)
    {
        if (string.IsNullOrEmpty(file))
        {
            return null;
        }

        try
        {
            return File.ReadAllText(file).Trim();
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            throw new InvalidOperationException($"The connection string cannot be read from {file}: {e.Message}", e);
        }
    }

    /// <summary>Brings the database to this version’s schema; the daily role then may do what it does and no more.</summary>
    public void Migrate()
    {
        if (Owner is null)
        {
            Database.Migrate(Daily!);
            return;
        }

        Database.Migrate(Owner);
        Database.Grant(
            Owner,
            new NpgsqlConnectionStringBuilder(Daily).Username ?? throw new InvalidOperationException("The connection string names no role.")
        );
    }
}
