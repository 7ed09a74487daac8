# frozen_string_literal: true

module Server
  module Resources
    # Signing in and out, up by invitation, a passphrase anew, and everything of one's own gone.
    class Accounts < Base
      get "/api/session" do
        answer standing
      end

      post "/api/session" do
        name, passphrase = read(required: %w[name passphrase]) { |keys| [keys.value("name"), keys.value("passphrase", :passphrase)] }
        account = Models::Account.named(name)
        key = Models::Attempt.count(account, name, browser)
        refuse unless Models::Account.right?(account, passphrase)
        Models::Attempt.forget(key)
        come(account)
      end

      delete "/api/session" do
        mine = Models::Session.where(account: Access.account)
        mine = mine.where(digest: Models::Secret.digest(Access::Current.word)) unless params["everywhere"] == "yes"
        mine.delete_all
        gone
      end

      post "/api/accounts" do
        code, name, passphrase = given(%w[code name passphrase])
        come(Models::Invitation.use(code) { |one| refuse_reset(one) && Models::Account.make(name, passphrase) }, status: 201)
      end

      post "/api/accounts/reset" do
        code, passphrase = given(%w[code passphrase])
        come(Models::Invitation.use(code) { |one| (one.account or no_reset).tap { |account| account.change(passphrase) } })
      end

      # Whoever is in may invite another.
      post "/api/account/invitations" do
        answer({ "path" => "/sign-up?code=#{Models::Invitation.give(Models::Invitation::LASTS)}" }, status: 201)
      end

      # Everything of hers goes, once she has said the passphrase again.
      post "/api/account/end" do
        passphrase = given(%w[passphrase]).first
        account = Access.account or raise Problem.new(404, "There is no account here.")
        key = Models::Attempt.count_ending(account)
        raise Problem.at("/passphrase", "is not the one of this account") unless Models::Account.right?(account, passphrase)

        Models::Attempt.forget(key)
        account.destroy!
        gone
      end

      private

      def given(keys)
        kinds = { "passphrase" => :passphrase, "code" => :name }
        read(required: keys) { |read| keys.map { |key| read.value(key, kinds.fetch(key, :name)) } }
      end

      def standing(account = Access.account)
        { "required" => Access.required?, "name" => account&.name }
      end

      def come(account, status: 200)
        Cookies.sign_in(headers, Models::Session.give(Models::Session::LASTS, account: account))
        know(account) unless browser&.account_id == account.id
        answer standing(account), status: status
      end

      def gone
        Cookies.sign_out(headers)
        answer standing(nil)
      end

      def browser
        @browser ||= Models::KnownBrowser.called(request.cookies[Cookies::BROWSER])
      end

      def know(account)
        Cookies.know(headers, Models::KnownBrowser.give(Models::KnownBrowser::LASTS, account: account))
      end

      def refuse
        Models::Attempt.note_address(Throttle.address(env))
        raise Problem.new(401, "This name and this passphrase do not belong together.")
      end

      def refuse_reset(invitation)
        invitation.account.nil? or raise Problem.at("/code", "is for a new passphrase: open its own link")
      end

      def no_reset
        raise Problem.at("/code", "is an invitation to sign up: open its own link")
      end
    end
  end
end
