# frozen_string_literal: true

require_relative "backup"

module Running
  # Prints the link by which somebody makes an account, or sets a passphrase anew.
  class Invite < Backup
    # @param name [String, nil] of an account, for a new passphrase
    # @return [String]
    def link(name = nil)
      running do
        require_relative "../boot"
        Server::Database.alone { Server::Database.migrate }
        "#{place}#{name ? reset(name) : sign_up}"
      end
    end

    private

    def with(url)
      ENV["DATABASE_URL"] = url
      yield
    end

    def place
      Server::Access.public_address
    end

    def sign_up
      "/sign-up?code=#{given}"
    end

    def reset(name)
      account = Server::Models::Account.find_by("lower(name) = ?", name.downcase) or raise Cluster::Failed, "There is no account #{name}."
      "/reset?code=#{given(account: account)}"
    end

    def given(**account)
      Server::Models::Invitation.give(Server::Models::Invitation::LASTS, **account)
    end
  end
end
